import { serialize } from "node:v8";
import { askWords } from "./pool.ts";
import type { TaskAnswer, TaskInput, WordTask } from "./tasks.ts";

/** So many answers are held; a school's groups are fewer. */
const MOST_HELD = 30;

/** Answers given lately by what was asked, the one asked for longest ago first. */
const held = new Map<string, Promise<unknown>>();

/**
 * Asks for something that takes the word list, and gives the same answer again when exactly the same is asked again: a
 * group's first chain, say, which is asked for whenever its bench is opened. For tasks whose answer depends on nothing but
 * what they are called with, and holds nothing of a learner.
 *
 * @param task its name
 * @param input what it is called with
 */
export function askWordsOnce<T extends WordTask>(task: T, ...input: TaskInput<T>): Promise<Awaited<TaskAnswer<T>>> {
  // As it is copied to the thread: JSON would leave out what sets and maps hold, and one taught set is as good as another.
  const asked = serialize([task, input]).toString("latin1");
  const known = held.get(asked);
  const answer = (known ?? askWords(task, ...input)) as Promise<Awaited<TaskAnswer<T>>>;
  held.delete(asked);
  held.set(asked, answer);
  if (known) return answer;
  if (held.size > MOST_HELD) held.delete(held.keys().next().value as string);
  // What failed is asked anew.
  answer.catch(() => held.get(asked) === answer && held.delete(asked));
  return answer;
}
