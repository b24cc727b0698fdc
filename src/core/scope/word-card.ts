import { ENDING_IDS } from "../lexicon/endings.ts";
import { lexiconIn } from "../lexicon/in-accent.ts";
import { type Inflection, inflectionOf } from "../lexicon/inflection.ts";
import { type Lexicon, normaliseSpelling, type UnsuitableEntry } from "../lexicon/lexicon.ts";
import { distinctReadings } from "../lexicon/readings.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { soundAlikes } from "../lexicon/sound-alikes.ts";
import { countWord, type WordCounts } from "../spelling/counts.ts";
import { type Decoding, decodings } from "../spelling/decode/decode.ts";
import type { Segmentation } from "../spelling/segmentation.ts";
import { type Syllable, syllablesOf } from "../spelling/syllables.ts";
import { ONE_TAP_A_SOUND, type TapSettings } from "../spelling/taps.ts";
import { checkDecodable, type Decodability } from "./decodable.ts";
import { firstDecodableStep } from "./first-step.ts";
import type { Sequence } from "./sequence.ts";
import type { TaughtSet } from "./taught-set.ts";

/** Everything there is to say of a word to a teacher of this group. */
export interface WordCard {
  readonly word: string;
  /** The leading reading first, then others that children meet (read, wind). */
  readonly readings: readonly Segmentation[];
  readonly counts: WordCounts;
  readonly syllables: readonly Syllable[];
  /** Unit indices of the part to point out: of a word learnt whole what is not taught yet, else odd spellings. */
  readonly oddUnits: readonly number[];
  readonly today: Decodability;
  /** The step of the sequence at which it comes within reach, counted from 1. */
  readonly firstStep: number | undefined;
  readonly soundAlikes: readonly string[];
  readonly inflection: Inflection | undefined;
  /** Forms of it with an ending on. */
  readonly forms: readonly string[];
  readonly unsuitable: UnsuitableEntry | undefined;
}

/** A spelling that is not in the word list, and what there is to say of it all the same. */
export type UnlistedWord = { readonly word: string } & (
  | { readonly status: "unsplittable"; readonly learntWhole: boolean }
  /** Never to be shown to learners. */
  | { readonly status: "kept-out" }
  /** How it would be read, best first: a name, a nonsense word, a misspelling. */
  | { readonly status: "by-rule"; readonly readings: readonly Decoding[] }
  | { readonly status: "unreadable" }
);

/** From this commonness on, a unit is one to point out. */
const ODD = 4;

function formsOf(word: string, lexicon: Lexicon): string[] {
  const last = word.at(-1) ?? "";
  const stems = [word, word + last, word.replace(/e$/, ""), word.replace(/y$/, "i")];
  const candidates = stems.flatMap((stem) => ENDING_IDS.map((ending) => stem + ending));
  return [...new Set(candidates)].filter((form) => inflectionOf(form, lexicon)?.base === word);
}

/** The card of a word, or undefined when it is not in the list. */
export function wordCard(
  word: string,
  taught: TaughtSet,
  sequence: Sequence,
  taps: TapSettings = ONE_TAP_A_SOUND,
  list: Lexicon = shippedLexicon(),
): WordCard | undefined {
  const lexicon = lexiconIn(list, taught.accent);
  const spelling = normaliseSpelling(word);
  const entry = lexicon.get(spelling);
  if (!entry) return undefined;
  const [lead] = entry.readings;
  return {
    word: spelling,
    readings: distinctReadings(entry),
    counts: countWord(lead, taps),
    syllables: syllablesOf(lead),
    oddUnits: oddUnitsOf(spelling, lead, taught, lexicon),
    today: checkDecodable(spelling, taught, lexicon),
    firstStep: firstDecodableStep(spelling, sequence, lexicon),
    soundAlikes: soundAlikes(spelling, lexicon),
    inflection: inflectionOf(spelling, lexicon),
    forms: formsOf(spelling, lexicon),
    unsuitable: lexicon.unsuitable(spelling),
  };
}

/**
 * What to point out in a word: of one learnt whole, what this group has not been taught yet (the e of the, the o of to);
 * of any other, its rare and odd spellings.
 */
export function oddUnitsOf(word: string, lead: Segmentation, taught: TaughtSet, lexicon: Lexicon): number[] {
  if (taught.words.has(word)) {
    const { missing } = checkDecodable(word, { ...taught, words: new Set() }, lexicon);
    const untaught = missing.flatMap((one) => (one.kind === "gpc" && one.unit >= 0 ? [one.unit] : []));
    if (untaught.length > 0) return untaught;
  }
  return lead.units.flatMap((unit, k) => (unit.commonness >= ODD ? [k] : []));
}

const READINGS_SHOWN = 4;

/** What there is to say of a spelling that is not in the word list. */
export function unlistedWord(
  word: string,
  taught: Pick<TaughtSet, "words">,
  lexicon: Lexicon = shippedLexicon(),
): UnlistedWord {
  const spelling = normaliseSpelling(word);
  if (lexicon.unsplittable(spelling))
    return { word: spelling, status: "unsplittable", learntWhole: taught.words.has(spelling) };
  if (lexicon.unsuitable(spelling)?.level === "never") return { word: spelling, status: "kept-out" };
  const readings = decodings(spelling, { most: READINGS_SHOWN });
  return readings.length > 0
    ? { word: spelling, status: "by-rule", readings }
    : { word: spelling, status: "unreadable" };
}
