import type { Prompt } from "../../../core/light.ts";
import type { TeachItem } from "../../../server/sessions/teach-page.ts";

/** How a text is read aloud: the pointer moves on by a word, a phrase or a line. */
export const READING_UNITS = ["word", "phrase", "line"] as const;
export type ReadingUnit = (typeof READING_UNITS)[number];

type InText = Extract<Prompt, { readonly code: "read-in-text" }>["place"];

/** Where the word of an item stands in a text that is read aloud; undefined for every other item. */
export const placeInText = (item: TeachItem | undefined): InText | undefined =>
  item?.prompt.code === "read-in-text" ? item.prompt.place : undefined;

/** What the pointer is on: offsets in the text. */
export const unitAt = (place: InText, by: ReadingUnit): readonly [number, number] =>
  by === "word" ? place.at : place[by];

const startOf = (item: TeachItem | undefined, by: ReadingUnit): number | undefined => {
  const place = placeInText(item);
  return place && unitAt(place, by)[0];
};

/**
 * The items that are read with one of them: the words of its phrase or line.
 *
 * @param at index of an item, from 0
 * @returns indices, from 0; empty where no text is read aloud
 */
export function itemsOfUnit(items: readonly TeachItem[], at: number, by: ReadingUnit): number[] {
  const start = startOf(items[at], by);
  return start === undefined ? [] : items.flatMap((item, k) => (startOf(item, by) === start ? [k] : []));
}

/**
 * The item that is read next, or before.
 *
 * @param at index of an item, from 0
 * @param by a word, a phrase or a line
 * @param step 1 forward, -1 back, to the first word of what comes there
 * @returns an index; undefined where the text ends
 */
export function otherUnit(
  items: readonly TeachItem[],
  at: number,
  { by, step }: { readonly by: ReadingUnit; readonly step: 1 | -1 },
): number | undefined {
  const here = itemsOfUnit(items, at, by);
  const next = step === 1 ? (here.at(-1) ?? at) + 1 : (here[0] ?? at) - 1;
  return placeInText(items[next]) === undefined ? undefined : itemsOfUnit(items, next, by)[0];
}

/**
 * Are two items read by one learner: the same, or words of one line?
 *
 * @param a index of an item, from 0
 * @param b the same of the other
 */
export function isSameTurn(items: readonly TeachItem[], a: number, b: number): boolean {
  const line = startOf(items[a], "line");
  return a === b || (line !== undefined && line === startOf(items[b], "line"));
}
