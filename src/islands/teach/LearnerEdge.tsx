import { Check, Circle } from "lucide-react";
import { memo } from "react";
import type { Learner } from "../../server/groups.ts";
import { type Mark, type Marks, markKey } from "./marks.ts";

interface Props {
  readonly learners: readonly Learner[];
  readonly turn: string | undefined;
  readonly wordIndex: number;
  readonly marks: Marks;
  readonly onTurn: (id: string) => void;
}

/** Names along the edge: whose turn it is, and what is marked for this word. */
export const LearnerEdge = memo(function LearnerEdge({ learners, turn, wordIndex, marks, onTurn }: Props) {
  return (
    <div role="group" aria-label="Whose turn" className="flex min-w-0 flex-wrap gap-2">
      {learners.map(({ id, nickname }, k) => {
        const mark = marks.get(markKey(id, wordIndex));
        return (
          <button
            key={id}
            type="button"
            aria-pressed={id === turn}
            data-learner={nickname}
            data-mark={mark ? `${mark.answer.outcome} ${mark.state}` : "none"}
            title={`Turn: ${nickname} (key ${k + 1})`}
            className={`flex min-h-12 items-center gap-2 rounded-lg border px-3 ${id === turn ? "border-2 border-ink font-bold" : "border-rule"} bg-sheet`}
            onClick={() => onTurn(id)}
          >
            <span className="max-w-40 truncate">{nickname}</span>
            <MarkSign mark={mark} />
          </button>
        );
      })}
    </div>
  );
});

/** Hollow while a mark is on its way; filled once the database has it. */
function MarkSign({ mark }: { mark: Mark | undefined }) {
  if (!mark) return null;
  if (mark.state === "waiting")
    return (
      <span
        className="size-5 animate-pulse rounded-full border-2 border-dashed border-tape"
        role="img"
        aria-label="being stored"
      />
    );
  const right = mark.answer.outcome !== "wrong" && mark.answer.outcome !== "no-attempt";
  return (
    <span
      role="img"
      aria-label={`marked ${mark.answer.outcome}, stored`}
      className={`grid size-5 place-items-center rounded-full text-sheet ${right ? "bg-good" : "bg-again"}`}
    >
      {right ? <Check size={14} strokeWidth={3} aria-hidden /> : <Circle size={8} fill="currentColor" aria-hidden />}
    </span>
  );
}
