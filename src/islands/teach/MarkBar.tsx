import { memo } from "react";
import { OUTCOME_WORDS } from "../../components/words/response-words.ts";
import type { Outcome } from "../../core/light.ts";
import { SHORTCUTS } from "../shared/shortcuts.ts";
import { outcomeKey } from "./key-actions.ts";

interface Props {
  readonly learner: string;
  /** The outcomes to choose from. */
  readonly outcomes: readonly Outcome[];
  /** Why nothing can be marked now; undefined when it can. */
  readonly without: string | undefined;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  readonly onMark: (outcome: Outcome) => void;
  /** Opens the line in which what was said or written is typed. */
  readonly onType: () => void;
  readonly onUndo: () => void;
  readonly onRedo: () => void;
}

/** Marking under the thumb: one press for right. */
export const MarkBar = memo(function MarkBar({
  learner,
  outcomes,
  without,
  canUndo,
  canRedo,
  onMark,
  onType,
  onUndo,
  onRedo,
}: Props) {
  return (
    <div
      role="group"
      aria-label={`Mark ${learner}`}
      className="contain-layout contain-style flex flex-wrap items-center gap-2"
    >
      {without !== undefined ? (
        <p className="grid min-h-12 sm:min-h-16 place-items-center px-4 text-quiet">{without}</p>
      ) : (
        (Object.keys(OUTCOME_WORDS) as Outcome[])
          .filter((outcome) => outcomes.includes(outcome))
          .map((outcome) => (
            <button
              key={outcome}
              type="button"
              className={`min-h-12 sm:min-h-16 rounded-xl border px-3 sm:px-4 leading-tight ${outcome === "right" ? "min-w-28 border-good bg-good text-sheet" : "border-rule bg-sheet"}`}
              onClick={() => onMark(outcome)}
            >
              <span className="block font-bold">{OUTCOME_WORDS[outcome].button}</span>
              <span className={`text-[12.5px] max-sm:hidden sm:block ${outcome === "right" ? "" : "text-quiet"}`}>
                {outcomeKey(outcome)}
              </span>
            </button>
          ))
      )}
      {without === undefined && <StepButton name="Type it" shown={SHORTCUTS.teach.type.shown} onPress={onType} />}
      <StepButton name="Undo" shown={SHORTCUTS.teach.undo.shown} isDisabled={!canUndo} onPress={onUndo} />
      {canRedo && <StepButton name="Redo" shown={SHORTCUTS.teach.redo.shown} onPress={onRedo} />}
    </div>
  );
});

function StepButton(props: { name: string; shown: string; isDisabled?: boolean; onPress: () => void }) {
  return (
    <button
      type="button"
      className="min-h-12 sm:min-h-16 rounded-xl border border-rule bg-sheet px-3 sm:px-4 leading-tight disabled:text-quiet"
      disabled={props.isDisabled ?? false}
      onClick={props.onPress}
    >
      <span className="block font-bold">{props.name}</span>
      <span className="text-[12.5px] text-quiet max-sm:hidden sm:block">{props.shown}</span>
    </button>
  );
}
