import { isMainThread } from "node:worker_threads";
import { keepTaught } from "../../core/index.ts";
import { noteWork } from "../collect-at-rest.ts";
import { WORD_TASKS, type WordTask } from "./tasks.ts";

/** What a worker thread of the pool is asked. */
export interface Asked {
  readonly task: WordTask;
  readonly input: readonly unknown[];
}

/** Runs a task by its name; the build makes a file of its own of this one. */
export default function work({ task, input }: Asked): unknown {
  // On the server's own thread, as in tests, its memory is looked after there.
  if (!isMainThread) noteWork();
  const run = WORD_TASKS[task] as (...input: readonly unknown[]) => unknown;
  return run(...input.map(keepTaught));
}
