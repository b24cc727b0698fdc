import {
  type Counters,
  type CountersAction,
  type CountersTask,
  type CountersVerdict,
  checkCounters,
  moveCounters,
  newCounters,
} from "../../../core/light.ts";

/** Counters on the line, and what the last look at them said; a move makes that old. */
export interface CountersBoard {
  readonly task: CountersTask;
  readonly counters: Counters;
  readonly verdict: CountersVerdict | undefined;
}

export type CountersMove = CountersAction | { readonly type: "restart" } | { readonly type: "check" };

/** The board as it is laid out for an item. */
export const newCountersBoard = (task: CountersTask): CountersBoard => ({
  task,
  counters: newCounters(task),
  verdict: undefined,
});

/** The board after a move. What is right is not moved on by mistake: it is begun anew. */
export function countersReducer(board: CountersBoard, move: CountersMove): CountersBoard {
  const { task, counters } = board;
  if (move.type === "check") return { ...board, verdict: checkCounters(task, counters) };
  if (move.type === "restart") return newCountersBoard(task);
  if (board.verdict?.code === "right") return board;
  return { task, counters: moveCounters(counters, move), verdict: undefined };
}
