import { memo } from "react";
import { OUTCOME_WORDS } from "../../components/words/response-words.ts";
import type { Outcome } from "../../core/light.ts";
import { MARK_KEYS } from "./keys.ts";

interface Props {
  readonly learner: string;
  /** Why nothing can be marked now; undefined when it can. */
  readonly without: string | undefined;
  readonly canUndo: boolean;
  readonly onMark: (outcome: Outcome) => void;
  readonly onUndo: () => void;
}

/** Marking under the thumb: one press for right. */
export const MarkBar = memo(function MarkBar({ learner, without, canUndo, onMark, onUndo }: Props) {
  return (
    <div
      role="group"
      aria-label={`Mark ${learner}`}
      className="contain-layout contain-style flex flex-wrap items-center gap-2"
    >
      {without !== undefined ? (
        <p className="grid min-h-16 place-items-center px-4 text-quiet">{without}</p>
      ) : (
        MARK_KEYS.map(({ outcome, shown }) => (
          <button
            key={outcome}
            type="button"
            className={`min-h-16 rounded-xl border px-4 leading-tight ${outcome === "right" ? "min-w-28 border-good bg-good text-sheet" : "border-rule bg-sheet"}`}
            onClick={() => onMark(outcome)}
          >
            <span className="block font-bold">{OUTCOME_WORDS[outcome].button}</span>
            <span className={`block text-[12.5px] ${outcome === "right" ? "" : "text-quiet"}`}>{shown}</span>
          </button>
        ))
      )}
      <button
        type="button"
        className="min-h-16 rounded-xl border border-rule bg-sheet px-4 leading-tight disabled:text-quiet"
        disabled={!canUndo}
        onClick={onUndo}
      >
        <span className="block font-bold">Undo</span>
        <span className="block text-[12.5px] text-quiet">U</span>
      </button>
    </div>
  );
});
