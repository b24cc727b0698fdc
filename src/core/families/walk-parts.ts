import { onsetRimeOf } from "../spelling/onset-rime.ts";
import type { Segmentation } from "../spelling/segmentation.ts";

/** How a word is put together in front of learners: its rime blended first, or its body. */
export const WALK_WAYS = ["rime-first", "body-first"] as const;
export type WalkWay = (typeof WALK_WAYS)[number];

/** A word in two parts, in the order in which they are blended. */
export interface WalkParts {
  /** Unit indices of the part that is blended first, and of the part that is put to it. */
  readonly first: readonly number[];
  readonly second: readonly number[];
}

/** The parts of a word of one syllable: rime then beginning, or body then ending; undefined for longer words. */
export function walkParts(reading: Segmentation, way: WalkWay): WalkParts | undefined {
  const parts = onsetRimeOf(reading);
  if (!parts) return undefined;
  const indices = reading.units.map((_, k) => k);
  const onset = indices.slice(0, parts.onset.length);
  const body = indices.slice(0, parts.onset.length + 1);
  return way === "rime-first"
    ? { first: indices.slice(onset.length), second: onset }
    : { first: body, second: indices.slice(body.length) };
}

/** The letters of some units of a word, as they stand in it; a gap where a split digraph is reached over (`ca–e`). */
export function partLetters({ word, units }: Segmentation, part: readonly number[]): string {
  const letters = part.flatMap((k) => units[k]?.letters ?? []).sort((a, b) => a - b);
  return letters.map((at, k) => (k > 0 && at !== (letters[k - 1] as number) + 1 ? "–" : "") + word[at]).join("");
}
