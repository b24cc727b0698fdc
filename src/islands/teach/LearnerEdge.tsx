import Check from "lucide-react/icons/check";
import Circle from "lucide-react/icons/circle";
import RotateCcw from "lucide-react/icons/rotate-ccw";
import { memo } from "react";
import { OUTCOME_DEFINITIONS } from "../../core/light.ts";
import type { Learner } from "../../server/groups/groups.ts";
import { type Mark, type Marks, markKey } from "./lesson/marks.ts";

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
    <div
      role="group"
      aria-label="Whose turn"
      // On a phone names are what the screen is for: three beside each other, as many rows as there is room for.
      className="contain-layout contain-style flex max-h-[24dvh] min-w-0 flex-wrap gap-2 overflow-y-auto p-0.5 max-sm:grid max-sm:max-h-[30dvh] max-sm:w-full max-sm:grid-cols-3"
    >
      {learners.map((learner, k) => (
        <Seat
          key={learner.id}
          learner={learner}
          digit={k + 1}
          hasTurn={learner.id === turn}
          mark={marks.get(markKey(learner.id, wordIndex))}
          onTurn={onTurn}
        />
      ))}
    </div>
  );
});

interface SeatProps {
  readonly learner: Learner;
  readonly digit: number;
  readonly hasTurn: boolean;
  readonly mark: Mark | undefined;
  readonly onTurn: (id: string) => void;
}

/** Attributes alone tell how a seat looks: a mark or a turn changes one or two of them, and lays nothing out anew. */
const Seat = memo(function Seat({ learner: { id, nickname }, digit, hasTurn, mark, onTurn }: SeatProps) {
  return (
    <button
      type="button"
      aria-pressed={hasTurn}
      aria-label={mark ? `${nickname}, ${markSaid(mark)}` : nickname}
      data-learner={nickname}
      data-mark={mark ? `${mark.answer.outcome} ${mark.state}` : "none"}
      title={`Turn: ${nickname} (key ${digit})`}
      className="group flex min-h-12 items-center gap-2 rounded-lg border-2 border-rule bg-sheet px-3 aria-pressed:border-ink max-sm:justify-between max-sm:gap-1 max-sm:px-2"
      onClick={() => onTurn(id)}
    >
      {/* Both weights have their room: a seat stands still when the turn goes round. */}
      <span className="grid max-w-40 min-w-0">
        <span className="truncate [grid-area:1/1] group-aria-pressed:invisible">{nickname}</span>
        <span className="invisible truncate font-bold [grid-area:1/1] group-aria-pressed:visible">{nickname}</span>
      </span>
      <MarkSign mark={mark} />
    </button>
  );
});

const markSaid = ({ state, answer }: Mark): string =>
  state === "stored" ? `marked ${answer.outcome}, stored` : "being stored";

const IS_RIGHT = <Check size={14} strokeWidth={3} className="sign-right [grid-area:1/1]" aria-hidden />;
const PUT_RIGHT = <RotateCcw size={13} strokeWidth={3} className="sign-put-right [grid-area:1/1]" aria-hidden />;
const IS_NOT = <Circle size={8} fill="currentColor" className="sign-not [grid-area:1/1]" aria-hidden />;

/** Hollow while a mark is on its way; filled once the database has it. */
const MarkSign = memo(function MarkSign({ mark }: { mark: Mark | undefined }) {
  return (
    <span
      aria-hidden
      data-sign={!mark || mark.state === "waiting" ? mark?.state : OUTCOME_DEFINITIONS[mark.answer.outcome].countsAs}
      className="mark-sign"
    >
      {IS_RIGHT}
      {PUT_RIGHT}
      {IS_NOT}
    </span>
  );
});
