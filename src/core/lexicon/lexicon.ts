import type { AccentSettings } from "../sounds/accents.ts";
import type { Segmentation } from "../spelling/segmentation.ts";
import type { Suitability } from "./kept-out-lists.ts";

/** 1 everyone's word … 5 seldom heard. Bounds in `bandOf`. */
export type FrequencyBand = 1 | 2 | 3 | 4 | 5;

/** 1 most five-year-olds say it · 2 by seven · 3 met in reading by nine · 4 rarely. */
export type Familiarity = 1 | 2 | 3 | 4;

/** One spelling with all the ways it is said. */
export interface LexiconWord {
  readonly word: string;
  /** Zipf value: log10 of occurrences per thousand million words of film speech; about 2.5 to 7.6. */
  readonly zipf: number;
  readonly band: FrequencyBand;
  readonly suitability: Exclude<Suitability, "never">;
  /** How well children know it (data/lexicon/familiarity.ts); words of three and more syllables are all 3. */
  readonly familiarity: Familiarity;
  /** Written with a capital: Monday. Spellings here are in lower case. */
  readonly isCapital: boolean;
  /** Of "n", "v", "a", "r" (noun, verb, adjective, adverb) as WordNet lists the form; may be empty. */
  readonly partsOfSpeech: string;
  readonly syllables: number;
  /** The most regular reading first; never empty. Equally good segmentations of one sound count too. */
  readonly readings: readonly [Segmentation, ...Segmentation[]];
}

export interface UnsuitableEntry {
  readonly level: Exclude<Suitability, "suitable">;
  readonly reason: string;
}

/** A word list, ready to be asked. Everything the chain, family and text rules know of English words. */
export interface Lexicon {
  readonly version: string;
  /** The accent its readings are in. */
  readonly accent: AccentSettings;
  /** Words of one and two syllables, commonest first. */
  readonly words: readonly LexiconWord[];
  /** Words of three and more syllables, commonest first: judged and shown, but in no chain. */
  readonly longWords: readonly LexiconWord[];
  /** Any word: of one syllable or more, a contraction (it's), a possessive of a word of the list (dog's). */
  get(word: string): LexiconWord | undefined;
  /** Words that may not be shown, or only in some schools, with the reason. */
  unsuitable(word: string): UnsuitableEntry | undefined;
  /** Every word that `unsuitable` knows. */
  readonly unsuitableWords: readonly string[];
  /** Further short English words, rare ones and names included: not for learners, but not nonsense either. */
  readonly otherWords: readonly string[];
  /** Words known to be English that no spelling rule can split (one, of, once). */
  unsplittable(word: string): boolean;
}

/**
 * Zipf bounds, common practice, no source: above 5.5 is a word every child hears daily.
 *
 * @param zipf frequency on the Zipf scale, about 1 (rare) to 7 (the)
 */
export function bandOf(zipf: number): FrequencyBand {
  if (zipf >= 5.5) return 1;
  if (zipf >= 4.7) return 2;
  if (zipf >= 4) return 3;
  if (zipf >= 3.3) return 4;
  return 5;
}

/** Lower-cased, trimmed, typographic apostrophes straightened: how every spelling is looked up. */
export function normaliseSpelling(text: string): string {
  return text.normalize("NFC").trim().toLowerCase().replace(/[‘’ʼ]/g, "'");
}
