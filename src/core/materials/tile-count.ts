import type { Segmentation } from "../spelling/segmentation.ts";

export interface TileNeed {
  readonly grapheme: string;
  readonly count: number;
}

/**
 * The tiles a box must hold to build every word of a chain, one word at a time: of each grapheme as many
 * as the word that needs most. In order of first use.
 */
export function tileCount(words: readonly Segmentation[]): TileNeed[] {
  const needs = new Map<string, number>();
  for (const { units } of words) {
    const inWord = new Map<string, number>();
    for (const { grapheme } of units) inWord.set(grapheme, (inWord.get(grapheme) ?? 0) + 1);
    for (const [grapheme, count] of inWord) needs.set(grapheme, Math.max(count, needs.get(grapheme) ?? 0));
  }
  return [...needs].map(([grapheme, count]) => ({ grapheme, count }));
}
