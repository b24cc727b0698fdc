import Check from "lucide-react/icons/check";
import RotateCcw from "lucide-react/icons/rotate-ccw";
import { countersAsk, countersVerdictWords } from "../../components/words/oral-words.ts";
import { CountersLine } from "./CountersLine.tsx";
import type { CountersBoard as Board, CountersMove } from "./lesson/counters-board.ts";
import type { CountersDisplay } from "./lesson/displays.ts";

export interface CountersBoardProps {
  readonly board: Board;
  readonly display: CountersDisplay;
  readonly onMove: (move: CountersMove) => void;
}

/** Counters to be put down, lifted and taken away, by a learner or by the teacher; looked at when asked. */
export default function CountersBoard({ board, display, onMove }: CountersBoardProps) {
  const { task, verdict } = board;
  const isRight = verdict?.code === "right";
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: presses on the board are no taps on the lesson
    <div
      data-counters={display.line.length}
      data-verdict={verdict?.code}
      className="flex min-h-0 w-full flex-1 flex-col items-center justify-evenly gap-2 overflow-y-auto px-3"
      onClick={(event) => event.stopPropagation()}
      onMouseDown={(event) => event.stopPropagation()}
      // A counter that has the focus is pressed by Space: the lesson does not go on.
      onKeyDown={(event) => event.key === " " && event.stopPropagation()}
    >
      <CountersLine display={display} onLift={(counter) => onMove({ type: "lift", counter })} />
      <p role="status" className={`min-h-8 text-center text-lg ${isRight ? "font-bold text-good" : "text-quiet"}`}>
        {isRight && <Check className="mr-1 inline size-6" aria-hidden />}
        {verdict ? countersVerdictWords(verdict) : countersAsk(task)}
      </p>
      <div className="flex flex-wrap justify-center gap-3">
        {task.does !== "change" && task.does !== "take" && (
          <button
            type="button"
            className="button min-h-14 px-5"
            disabled={isRight}
            onClick={() => onMove({ type: "put" })}
          >
            Put one down
          </button>
        )}
        {task.does !== "change" && (
          <button
            type="button"
            className="button min-h-14 px-5"
            disabled={isRight}
            onClick={() => onMove({ type: "take" })}
          >
            Take one away
          </button>
        )}
        <button type="button" className="button button-main min-h-14 px-5" onClick={() => onMove({ type: "check" })}>
          Check
        </button>
        <button
          type="button"
          className="button grid size-14 place-items-center p-0"
          aria-label="Begin again"
          title="Begin again"
          onClick={() => onMove({ type: "restart" })}
        >
          <RotateCcw size={20} aria-hidden />
        </button>
      </div>
    </div>
  );
}
