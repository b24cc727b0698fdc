import type { Segmentation } from "./segmentation.ts";
import { ONE_TAP_A_SOUND, type TapSettings, tapsOf } from "./taps.ts";

export interface TileNeed {
  readonly grapheme: string;
  readonly count: number;
}

/**
 * The tiles of one word: of each tile how many. A split digraph is one tile of two parts (`a-e`); what the
 * school keeps together is one tile (`an`, `st`).
 */
export function tileNeeds(word: Segmentation, settings: TapSettings = ONE_TAP_A_SOUND): Map<string, number> {
  const needs = new Map<string, number>();
  for (const tap of tapsOf(word, settings)) {
    const tile = tap.map((k) => word.units[k]?.grapheme ?? "").join("");
    needs.set(tile, (needs.get(tile) ?? 0) + 1);
  }
  return needs;
}

/**
 * The tiles a box must hold to build every word of a chain, one word at a time: of each tile as many as the
 * word that needs most. In order of first use.
 */
export function tileCount(words: readonly Segmentation[], settings: TapSettings = ONE_TAP_A_SOUND): TileNeed[] {
  const needs = new Map<string, number>();
  for (const word of words)
    for (const [tile, count] of tileNeeds(word, settings)) needs.set(tile, Math.max(count, needs.get(tile) ?? 0));
  return [...needs].map(([grapheme, count]) => ({ grapheme, count }));
}
