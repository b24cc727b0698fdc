import { existsSync } from "node:fs";
import { resolve } from "node:path";
import { pathToFileURL } from "node:url";
import Tinypool from "tinypool";
import type { TaskAnswer, TaskInput, WordTask } from "./tasks.ts";
import type { Asked } from "./worker.ts";

/** One thread holds the word list: a second one would hold it a second time. */
const THREADS = 1;

/** The worker's file as the build makes it; where there is none (in tests) the tasks run here. */
const workerFile = (): string | undefined => {
  const root = process.env["ZIP_STEP_ROOT"];
  const file = root && resolve(root, "dist/server/words-worker.mjs");
  return file && existsSync(file) ? file : undefined;
};

let pool: Tinypool | undefined;

/**
 * Asks for something that takes the word list, on a thread of its own, so that nobody else waits for it. Not to be asked
 * within a transaction: all other writes would wait for the answer.
 *
 * @param task its name
 * @param input what it is called with: plain values, copied on the way
 */
export async function askWords<T extends WordTask>(task: T, ...input: TaskInput<T>): Promise<Awaited<TaskAnswer<T>>> {
  const file = workerFile();
  const asked: Asked = { task, input };
  if (!file) return (await import("./worker.ts")).default(asked) as Awaited<TaskAnswer<T>>;
  pool ??= new Tinypool({
    filename: pathToFileURL(file).href,
    runtime: "worker_threads",
    minThreads: THREADS,
    maxThreads: THREADS,
  });
  return (await pool.run(asked)) as Awaited<TaskAnswer<T>>;
}
