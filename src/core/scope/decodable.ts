import { lexiconIn } from "../lexicon/in-accent.ts";
import { type Inflection, inflectionOf } from "../lexicon/inflection.ts";
import { type Lexicon, type LexiconWord, normaliseSpelling } from "../lexicon/lexicon.ts";
import { distinctReadings } from "../lexicon/readings.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import type { Segmentation } from "../spelling/segmentation.ts";
import type { UnitPlace } from "../spelling/taught-gpcs.ts";
import type { Pattern } from "./patterns.ts";
import { isTaught, type Needs, needsOf, patternsNeeded, preparedNeeds, unitsNeeded, wayMet } from "./prepared.ts";
import type { TaughtSet } from "./taught-set.ts";

/** One thing a word needs that has not been taught. */
export type Missing =
  | {
      readonly kind: "gpc";
      readonly grapheme: string;
      readonly phonemes: readonly string[];
      readonly place: UnitPlace;
      /** Index of the unit in the segmentation; -1 where it is its base's (the a-e of making). */
      readonly unit: number;
      /** The same correspondence is taught, but only for other places. */
      readonly taughtElsewhere: boolean;
      /** The grapheme is taught, but for another sound (`go` from the o of `dog`). */
      readonly graphemeTaught: boolean;
    }
  | { readonly kind: "pattern"; readonly pattern: Pattern }
  | { readonly kind: "unknown-word"; readonly word: string }
  | { readonly kind: "unsplittable"; readonly word: string };

export interface Decodability {
  readonly decodable: boolean;
  /** What is missing for the reading that comes nearest; empty when decodable. */
  readonly missing: readonly Missing[];
  /** The reading judged. */
  readonly reading?: Segmentation;
  /** True when the word is known as a whole, not by its correspondences. */
  readonly learntWhole?: boolean;
}

/** What a segmentation needs beyond a taught set. */
export function missingFor(reading: Segmentation, taught: TaughtSet, inflection?: Inflection): Missing[] {
  return missingOf(needsOf(reading, inflection, taught.accent), taught);
}

function missingOf(needs: Needs, taught: TaughtSet): Missing[] {
  const missing: Missing[] = [];
  for (const needed of unitsNeeded(needs)) {
    if (isTaught(needed, taught)) continue;
    const { unit, key, place, grapheme, phonemes } = needed;
    missing.push({
      kind: "gpc",
      grapheme,
      phonemes,
      place,
      unit,
      taughtElsewhere: taught.gpcs.has(key),
      graphemeTaught: [...taught.gpcs.keys()].some((taughtKey) => taughtKey.startsWith(`${grapheme}=`)),
    });
  }
  for (const group of patternsNeeded(needs))
    if (!group.some((pattern) => taught.patterns.has(pattern)))
      missing.push({ kind: "pattern", pattern: group[0] as Pattern });
  return missing;
}

/**
 * May this word be put before a group that has been taught this much? Knowing the letters is not enough:
 * every correspondence must be taught for the place it stands in, and every pattern the word needs.
 *
 * A word said in two ways is decodable when its leading reading is; the other reading is a flag for the
 * teacher (`distinctReadings`), not a way in.
 *
 * @param word a spelling, or a segmentation (a nonsense word, or one reading of a word)
 * @param list the word list; asked in the taught set's accent
 *
 * @example checkDecodable("ship", taughtAt(sequenceById("phased"), 1)).decodable // false
 */
export function checkDecodable(
  word: string | Segmentation,
  taught: TaughtSet,
  list: Lexicon = shippedLexicon(),
): Decodability {
  const lexicon = lexiconIn(list, taught.accent);
  if (typeof word !== "string") {
    const inflection = lexicon.get(word.word) ? inflectionOf(word.word, lexicon) : undefined;
    const missing = missingFor(word, taught, inflection);
    return { decodable: missing.length === 0, missing, reading: word };
  }
  const spelling = normaliseSpelling(word);
  const entry = lexicon.get(spelling);
  const learntWhole = taught.words.has(spelling);
  if (!entry) {
    if (learntWhole) return { decodable: true, missing: [], learntWhole };
    const kind = lexicon.unsplittable(spelling) ? "unsplittable" : "unknown-word";
    return { decodable: false, missing: [{ kind, word: spelling }] };
  }
  const judged = judge(entry, taught, lexicon);
  return !judged.decodable && learntWhole ? { ...judged, decodable: true, missing: [], learntWhole } : judged;
}

function judge(entry: LexiconWord, taught: TaughtSet, lexicon: Lexicon): Decodability {
  const met = wayMet(entry, taught, lexicon);
  if (met) return { decodable: true, missing: [], reading: met.reading };
  const judged = preparedNeeds(entry, lexicon).map((needs) => ({
    reading: needs.reading,
    missing: missingOf(needs, taught),
  }));
  const [nearest] = judged.sort((a, b) => a.missing.length - b.missing.length);
  return { decodable: false, missing: nearest?.missing ?? [], ...(nearest && { reading: nearest.reading }) };
}

/** `checkDecodable` for a word of a list in the taught set's accent, when only yes or no is wanted. */
export function isDecodable(entry: LexiconWord, taught: TaughtSet, lexicon: Lexicon): boolean {
  return wayMet(entry, taught, lexicon) !== undefined;
}

/** Every word of the list that can be decoded (words learnt whole are not among them), in list order. */
export function decodableWords(taught: TaughtSet, list: Lexicon = shippedLexicon()): LexiconWord[] {
  const lexicon = lexiconIn(list, taught.accent);
  return lexicon.words.filter((entry) => isDecodable(entry, taught, lexicon));
}

const TWO_READINGS = new WeakMap<LexiconWord, boolean>();

/** True when the letters are really said in more than one way (wind, read, bow). */
export function hasTwoReadings(entry: LexiconWord): boolean {
  let two = TWO_READINGS.get(entry);
  if (two === undefined) {
    two = distinctReadings(entry).length > 1;
    TWO_READINGS.set(entry, two);
  }
  return two;
}
