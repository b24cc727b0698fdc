import type { OralItem } from "./item.ts";

/** What is to be done with blank counters, one a sound. No letters are in it. */
export interface CountersTask {
  readonly does: "split" | "change" | "take" | "add";
  /** Counters that lie there from the beginning: the sounds of the first word; none where it is split. */
  readonly start: number;
  /** How many lie there in the end. */
  readonly goal: number;
  /** Index of the sound that changes, from 0: among those of the first word, of the answer where one is added. */
  readonly at: number | undefined;
}

/** Counters on the line. Those of the beginning have the numbers 0, 1, 2 …; one that is put down gets the next. */
export interface Counters {
  readonly line: readonly number[];
  /** The number of the one that is lifted: the sound that changes. */
  readonly lifted: number | undefined;
  readonly next: number;
}

export type CountersAction =
  /** Another counter: before the lifted one, or at the end. */
  | { readonly type: "put" }
  /** Lifts one, or lays it down again. @param counter its number */
  | { readonly type: "lift"; readonly counter: number }
  /** Takes the lifted one away; the last one where none is lifted. */
  | { readonly type: "take" };

/** More sounds than these has no word of one syllable. */
const MOST = 8;

/** The task of an item; undefined where counters do not help (rhymes, a single sound, blending). */
export function countersTask(item: OralItem): CountersTask | undefined {
  switch (item.kind) {
    case "split":
      return item.skill === "split-sounds"
        ? { does: "split", start: 0, goal: item.first.sounds.length, at: undefined }
        : undefined;
    case "change":
      return { does: "change", start: item.first.sounds.length, goal: item.answer.sounds.length, at: item.at };
    case "take":
    case "add":
      return { does: item.kind, start: item.first.sounds.length, goal: item.answer.sounds.length, at: item.at };
    default:
      return undefined;
  }
}

/** The line as it lies at the beginning. */
export const newCounters = ({ start }: CountersTask): Counters => ({
  line: Array.from({ length: start }, (_, k) => k),
  lifted: undefined,
  next: start,
});

/** The line after a move. */
export function moveCounters(counters: Counters, action: CountersAction): Counters {
  const { line, lifted, next } = counters;
  switch (action.type) {
    case "put": {
      if (line.length >= MOST) return counters;
      const at = lifted === undefined ? line.length : line.indexOf(lifted);
      return { line: [...line.slice(0, at), next, ...line.slice(at)], lifted: undefined, next: next + 1 };
    }
    case "lift":
      if (!line.includes(action.counter)) return counters;
      return { ...counters, lifted: lifted === action.counter ? undefined : action.counter };
    case "take": {
      const gone = lifted ?? line.at(-1);
      return { line: line.filter((counter) => counter !== gone), lifted: undefined, next };
    }
  }
}

export type CountersVerdict =
  | { readonly code: "right" }
  | { readonly code: "too-few" | "too-many" }
  /** The number is right, and another sound was lifted, put in or taken away than the one that changes. */
  | { readonly code: "other-sound" }
  /** None is lifted yet. */
  | { readonly code: "none-lifted" };

/** Do the counters say what the sounds say: as many, and the right one lifted, put in or taken away? */
export function checkCounters(task: CountersTask, { line, lifted }: Counters): CountersVerdict {
  const { does, start, goal, at } = task;
  if (line.length !== goal) return { code: line.length < goal ? "too-few" : "too-many" };
  const isFirst = (counter: number) => counter < start;
  const wanted: Readonly<Record<CountersTask["does"], () => boolean>> = {
    split: () => true,
    change: () => line.every((counter, k) => counter === k) && lifted === at,
    take: () => at !== undefined && !line.includes(at) && line.every(isFirst),
    add: () => line.every((counter, k) => isFirst(counter) === (k !== at)),
  };
  if (wanted[does]()) return { code: "right" };
  return { code: does === "change" && lifted === undefined ? "none-lifted" : "other-sound" };
}
