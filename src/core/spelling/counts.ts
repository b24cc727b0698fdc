import { phoneme } from "../sounds/phonemes.ts";
import type { Segmentation } from "./segmentation.ts";

/** Letters, graphemes, phonemes: three different numbers, always named. */
export interface WordCounts {
  readonly letters: number;
  readonly graphemes: number;
  /** A vowel + r of one grapheme is one phoneme here; x and qu are two. */
  readonly phonemes: number;
}

export function countWord({ word, units }: Segmentation): WordCounts {
  return {
    letters: word.length,
    graphemes: units.length,
    phonemes: units.reduce((sum, unit) => sum + unit.phonemes.filter((id) => phoneme(id)).length, 0),
  };
}
