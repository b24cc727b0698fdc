import Plus from "lucide-react/icons/plus";
import X from "lucide-react/icons/x";
import { useState } from "react";
import { GpcChip } from "../../components/GpcChip.tsx";
import { GpcPicker } from "../../components/GpcPicker.tsx";
import { ConfirmDialog } from "../../components/ui/ConfirmDialog.tsx";
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
        <span key={id} className="flex min-h-11 items-center rounded-lg border border-ink bg-sheet pl-3">
          <GpcChip id={id} />
          <button
            type="button"
            aria-label={`Take ${gpcLetters(id)} out of today`}
            className="grid size-11 place-items-center text-quiet hover:text-ink"
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
      <ConfirmDialog
        title="Draft the lesson anew?"
        description="What was drafted before goes, with your changes to it. Chains and sets you put in stay."
        open={asking}
        onOpenChange={setAsking}
        confirm="Draft anew"
        cancel="Keep this one"
        onConfirm={onDraft}
      />
    </div>
  );
}
