import { Plus, X } from "lucide-react";
import { AlertDialog } from "radix-ui";
import { useState } from "react";
import { GpcChip } from "../../components/GpcChip.tsx";
import { GpcPicker } from "../../components/GpcPicker.tsx";
import { gpcLetters } from "../../components/words/sounds.ts";
import { LONGEST_LESSON, SHORTEST_LESSON } from "../../core/light.ts";

interface Props {
  readonly choices: readonly string[];
  readonly focus: readonly string[];
  readonly minutes: number;
  readonly hasDraft: boolean;
  readonly busy: boolean;
  readonly onFocus: (focus: readonly string[]) => void;
  readonly onDraft: () => void;
  /** What else the draft goes by. */
  readonly children: React.ReactNode;
}

/** What the lesson is for, and the press that drafts it. */
export function DraftBar({ choices, focus, minutes, hasDraft, busy, onFocus, onDraft, children }: Props) {
  const [asking, setAsking] = useState(false);
  const fits = minutes >= SHORTEST_LESSON && minutes <= LONGEST_LESSON;
  return (
    <div className="mt-4 flex flex-wrap items-center gap-2">
      <span className="label">Today</span>
      {focus.map((id) => (
        <span key={id} className="flex min-h-10 items-center rounded-lg border border-ink bg-sheet pl-3">
          <GpcChip id={id} />
          <button
            type="button"
            aria-label={`Take ${gpcLetters(id)} out of today`}
            className="grid size-9 place-items-center text-quiet hover:text-ink"
            onClick={() => onFocus(focus.filter((other) => other !== id))}
          >
            <X size={15} aria-hidden />
          </button>
        </span>
      ))}
      {focus.length < 3 && (
        <GpcPicker choices={choices.filter((id) => !focus.includes(id))} onPick={(id) => onFocus([...focus, id])}>
          <button type="button" className="button px-2.5">
            <Plus size={15} aria-hidden /> A sound
          </button>
        </GpcPicker>
      )}
      {children}
      <button
        type="button"
        className="button button-main"
        disabled={busy || !fits}
        title={fits ? undefined : `A drafted lesson has ${SHORTEST_LESSON} to ${LONGEST_LESSON} minutes`}
        onClick={() => (hasDraft ? setAsking(true) : onDraft())}
      >
        {busy ? "Drafting…" : hasDraft ? "Draft anew" : "Draft the lesson"}
      </button>
      <AlertDialog.Root open={asking} onOpenChange={setAsking}>
        <AlertDialog.Portal>
          <AlertDialog.Overlay className="fixed inset-0 z-30 bg-ink/30" />
          <AlertDialog.Content className="fixed top-1/3 left-1/2 z-40 w-[26rem] -translate-x-1/2 rounded-xl border border-rule bg-sheet p-5 shadow-lg">
            <AlertDialog.Title className="text-lg font-bold">Draft the lesson anew?</AlertDialog.Title>
            <AlertDialog.Description className="mt-1 text-quiet">
              What was drafted before goes, with your changes to it. Chains and sets you put in stay.
            </AlertDialog.Description>
            <div className="mt-4 flex justify-end gap-2">
              <AlertDialog.Cancel asChild>
                <button type="button" className="button">
                  Keep this one
                </button>
              </AlertDialog.Cancel>
              <AlertDialog.Action asChild>
                <button type="button" className="button button-main" onClick={onDraft}>
                  Draft anew
                </button>
              </AlertDialog.Action>
            </div>
          </AlertDialog.Content>
        </AlertDialog.Portal>
      </AlertDialog.Root>
    </div>
  );
}
