import Tinypool from "tinypool";
import { threadFile } from "../threads.ts";
import type { TaskAnswer, TaskInput, WordTask } from "./tasks.ts";
import type { Asked } from "./worker.ts";

/** One thread holds the word list: a second one would hold it a second time. */
const THREADS = 1;

/** Room for what is soon forgotten, in megabytes: with more a thread grows by it and never shrinks. */
const YOUNG_MB = 8;

let pool: Tinypool | undefined;

/**
 * Asks for something that takes the word list, on a thread of its own, so that nobody else waits for it. Not to be asked
 * within a transaction: all other writes would wait for the answer.
 *
 * @param task its name
 * @param input what it is called with: plain values, copied on the way
 */
export async function askWords<T extends WordTask>(task: T, ...input: TaskInput<T>): Promise<Awaited<TaskAnswer<T>>> {
  const filename = threadFile("words-worker");
  const asked: Asked = { task, input };
  // In tests there is no such file: the tasks run here.
  if (!filename) return (await import("./worker.ts")).default(asked) as Awaited<TaskAnswer<T>>;
  pool ??= new Tinypool({
    filename,
    runtime: "worker_threads",
    minThreads: THREADS,
    maxThreads: THREADS,
    // Waiting for its next task the thread can still clear away what the last one left.
    useAtomics: false,
    resourceLimits: { maxYoungGenerationSizeMb: YOUNG_MB },
  });
  return (await pool.run(asked)) as Awaited<TaskAnswer<T>>;
}
