import ClipboardPaste from "lucide-react/icons/clipboard-paste";
import type { Dispatch } from "react";
import { UndoRedo } from "../../components/ui/UndoRedo.tsx";
import { canRedo, canUndo } from "../shared/history.ts";
import { paperHref } from "../shared/paper-href.ts";
import { MoreMenu } from "./MoreMenu.tsx";
import { PasteDialog } from "./PasteDialog.tsx";
import { SavedChains } from "./parts.tsx";
import type { BenchProps } from "./starting-state.ts";
import type { BenchAction, BenchState } from "./state.ts";
import type { useSaving } from "./use-saving.ts";

interface Props {
  readonly page: BenchProps;
  readonly state: BenchState;
  readonly dispatch: Dispatch<BenchAction>;
  readonly saving: ReturnType<typeof useSaving>;
  /** Something has to be mended before the chain is taught. */
  readonly faulty: boolean;
  /** Opens what the chain is for, where it does not stand beside it. */
  readonly onAim: () => void;
}

/** The chain's title and what is done with the chain as a whole. */
export function BenchBar({ page, state, dispatch, saving, faulty, onAim }: Props) {
  const { words } = state;
  const { id: groupId } = page.group;
  const back = `/bench?group=${groupId}${state.chainId ? `&chain=${state.chainId}` : ""}`;
  const paper = words.length > 0 ? paperHref({ groupId, from: { words }, title: state.title, back }) : undefined;
  const putAll = (next: readonly string[]) => dispatch({ type: "words", words: next });
  return (
    <div className="flex flex-wrap items-center gap-2 px-3 py-3 sm:px-5">
      <button type="button" className="button xl:hidden" onClick={onAim}>
        Aim
      </button>
      {/* As many lines as it needs: a title is never cut. */}
      <textarea
        aria-label="Title of the chain"
        rows={1}
        className="min-h-11 min-w-56 flex-1 resize-none overflow-hidden rounded bg-transparent px-1 py-2 text-xl leading-snug font-bold [field-sizing:content] [overflow-wrap:anywhere] placeholder:text-ink hover:bg-sheet focus:bg-sheet"
        placeholder={words.length > 1 ? `${words[0]} to ${words.at(-1)}` : "New chain"}
        value={state.title}
        maxLength={80}
        onChange={(event) => dispatch({ type: "title", title: event.target.value.replaceAll("\n", " ") })}
        onKeyDown={(event) => {
          if (event.key !== "Enter") return;
          event.preventDefault();
          event.currentTarget.blur();
        }}
      />
      <SavedChains chains={page.chains} current={state.chainId} groupId={page.group.id} />
      <PasteDialog onWords={putAll}>
        <button
          type="button"
          className="button grid place-items-center min-w-11 px-2.5"
          aria-label="Check a chain from anywhere"
          title="Paste a list of words and check every step"
        >
          <ClipboardPaste size={18} aria-hidden />
        </button>
      </PasteDialog>
      <UndoRedo
        canUndo={canUndo(state.history)}
        canRedo={canRedo(state.history)}
        onUndo={() => dispatch({ type: "undo" })}
        onRedo={() => dispatch({ type: "redo" })}
      />
      <MoreMenu
        chainId={state.chainId}
        groups={page.groups.filter(({ id }) => id !== page.group.id)}
        paper={paper}
        onSaveAs={() => saving.save(true)}
        onRestore={putAll}
        onForGroup={saving.forGroup}
      />
      <span className="ml-auto flex gap-2">
        <button
          type="button"
          className="button"
          disabled={words.length === 0 || !saving.unsaved}
          onClick={() => saving.save()}
        >
          {saving.unsaved || words.length === 0 ? "Save" : "Saved"}
        </button>
        <button
          type="button"
          className="button"
          disabled={words.length < 2 || faulty}
          title={faulty ? "Mend what is marked first" : "Into the group's next lesson"}
          onClick={saving.toPlan}
        >
          To the plan
        </button>
        <button
          type="button"
          className="button button-main"
          disabled={words.length < 2 || faulty}
          title={faulty ? "Mend what is marked first" : undefined}
          onClick={saving.teach}
        >
          Teach
        </button>
      </span>
    </div>
  );
}
