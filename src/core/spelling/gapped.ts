import type { Segmentation } from "./segmentation.ts";

/**
 * `b_d`: a word with a line where the letters of one unit are left out.
 *
 * @param unit index of the unit that is left out, from 0
 */
export function gappedWord({ word, units }: Segmentation, unit: number): string {
  const out = new Set(units[unit]?.letters ?? []);
  return [...word].map((letter, k) => (out.has(k) ? "_" : letter)).join("");
}
