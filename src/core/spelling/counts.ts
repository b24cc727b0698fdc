import type { Segmentation } from "./segmentation.ts";
import { ONE_TAP_A_SOUND, type TapSettings, tapsOf } from "./taps.ts";

/** Letters, graphemes, phonemes, taps: four different numbers, always named. */
export interface WordCounts {
  readonly letters: number;
  readonly graphemes: number;
  /** A vowel + r of one grapheme is one phoneme here; x and qu are two. */
  readonly phonemes: number;
  /** Touches under the school's settings. */
  readonly taps: number;
}

/**
 * Letters, graphemes, sounds and taps of a word.
 *
 * @example countWord(segment("ship")) // { letters: 4, graphemes: 3, phonemes: 3, taps: 3 }
 */
export function countWord(segmentation: Segmentation, settings: TapSettings = ONE_TAP_A_SOUND): WordCounts {
  const { word, units } = segmentation;
  return {
    letters: word.length,
    graphemes: units.length,
    phonemes: units.reduce((sum, unit) => sum + unit.phonemes.length, 0),
    taps: tapsOf(segmentation, settings).length,
  };
}
