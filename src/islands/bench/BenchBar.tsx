import ClipboardPaste from "lucide-react/icons/clipboard-paste";
import type { Dispatch } from "react";
import { UndoRedo } from "../../components/ui/UndoRedo.tsx";
import { canRedo, canUndo } from "../shared/history.ts";
import { paperHref } from "../shared/paper-href.ts";
import { separatelyHydrated } from "../shared/separately-hydrated.tsx";
import { MoreMenu } from "./MoreMenu.tsx";
import { PasteDialog } from "./PasteDialog.tsx";
import { SavedChains } from "./parts.tsx";
import type { BenchProps } from "./starting-state.ts";
import type { BenchAction, BenchState } from "./state.ts";
import type { useSaving } from "./use-saving.ts";

interface Props extends Pick<BenchState, "words" | "title" | "chainId" | "history"> {
  readonly page: BenchProps;
  readonly dispatch: Dispatch<BenchAction>;
  readonly unsaved: boolean;
  /** Something has to be mended before the chain is taught. */
  readonly faulty: boolean;
  readonly actions: Pick<ReturnType<typeof useSaving>, "save" | "toPlan" | "teach" | "forGroup"> & {
    /** Opens what the chain is for, where it does not stand beside it. */
    readonly onAim: () => void;
  };
}

/** The chain's title and what is done with the chain as a whole. */
export const BenchBar = separatelyHydrated(function BenchBar(props: Props) {
  const { page, words, title, chainId, history, dispatch, unsaved, faulty, actions } = props;
  const { id: groupId } = page.group;
  const back = `/bench?group=${groupId}${chainId ? `&chain=${chainId}` : ""}`;
  const paper = words.length > 0 ? paperHref({ groupId, from: { words }, title, back }) : undefined;
  const putAll = (next: readonly string[]) => dispatch({ type: "words", words: next });
  return (
    <div className="flex flex-wrap items-center gap-2 px-3 py-3 sm:px-5">
      <button type="button" className="button xl:hidden" onClick={actions.onAim}>
        Aim
      </button>
      {/* As many lines as it needs: a title is never cut. */}
      <textarea
        aria-label="Title of the chain"
        rows={1}
        className="min-h-11 min-w-56 flex-1 resize-none overflow-hidden rounded bg-transparent px-1 py-2 text-xl leading-snug font-bold [field-sizing:content] [overflow-wrap:anywhere] placeholder:text-ink hover:bg-sheet focus:bg-sheet"
        placeholder={words.length > 1 ? `${words[0]} to ${words.at(-1)}` : "New chain"}
        value={title}
        maxLength={80}
        onChange={(event) => dispatch({ type: "title", title: event.target.value.replaceAll("\n", " ") })}
        onKeyDown={(event) => {
          if (event.key !== "Enter") return;
          event.preventDefault();
          event.currentTarget.blur();
        }}
      />
      <SavedChains chains={page.chains} current={chainId} groupId={page.group.id} />
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
        canUndo={canUndo(history)}
        canRedo={canRedo(history)}
        onUndo={() => dispatch({ type: "undo" })}
        onRedo={() => dispatch({ type: "redo" })}
      />
      <MoreMenu
        chainId={chainId}
        groups={page.groups.filter(({ id }) => id !== page.group.id)}
        paper={paper}
        onSaveAs={() => actions.save(true)}
        onRestore={putAll}
        onForGroup={actions.forGroup}
      />
      <span className="ml-auto flex gap-2">
        <button
          type="button"
          className="button"
          disabled={words.length === 0 || !unsaved}
          onClick={() => actions.save()}
        >
          {unsaved || words.length === 0 ? "Save" : "Saved"}
        </button>
        <button
          type="button"
          className="button"
          disabled={words.length < 2 || faulty}
          title={faulty ? "Mend what is marked first" : "Into the group's next lesson"}
          onClick={actions.toPlan}
        >
          To the plan
        </button>
        <button
          type="button"
          className="button button-main"
          disabled={words.length < 2 || faulty}
          title={faulty ? "Mend what is marked first" : undefined}
          onClick={actions.teach}
        >
          Teach
        </button>
      </span>
    </div>
  );
});
