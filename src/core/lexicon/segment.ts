import type { AccentSettings } from "../sounds/accents.ts";
import { phonemesOf, type Segmentation } from "../spelling/segmentation.ts";
import { lexiconIn } from "./in-accent.ts";
import { type Lexicon, normaliseSpelling } from "./lexicon.ts";
import { shippedLexicon } from "./shipped.ts";

export interface SegmentOptions {
  /** Phoneme ids of the reading that is meant, for words said in two ways (tear, wind, read). */
  readonly pronunciation?: readonly string[];
  /** The accent it is said in; the word list's own when not given. */
  readonly accent?: AccentSettings;
}

/**
 * The segmentation of a known word: its most regular reading, or the one asked for.
 *
 * @returns undefined when the word is not in the list, cannot be split, or is not said that way
 *
 * @example segment("ship")?.units.map(({ grapheme }) => grapheme) // ["sh", "i", "p"]
 */
export function segment(
  word: string,
  options: SegmentOptions = {},
  list: Lexicon = shippedLexicon(),
): Segmentation | undefined {
  const readings = segmentations(word, lexiconIn(list, options.accent ?? list.accent));
  const wanted = options.pronunciation?.join(" ");
  return wanted === undefined ? readings[0] : readings.find((r) => phonemesOf(r).join(" ") === wanted);
}

/**
 * Every reading of a known word, most regular first; empty when it is unknown.
 *
 * @example segmentations("wind").map(({ units }) => units.flatMap(({ phonemes }) => phonemes).join("")) // ["wɪnd", "waɪnd"]
 */
export function segmentations(word: string, lexicon: Lexicon = shippedLexicon()): readonly Segmentation[] {
  return lexicon.get(normaliseSpelling(word))?.readings ?? [];
}
