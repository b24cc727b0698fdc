import { type Inflection, inflectionOf } from "../lexicon/inflection.ts";
import { type Lexicon, type LexiconWord, normaliseSpelling } from "../lexicon/lexicon.ts";
import { distinctReadings, sameSoundReadings } from "../lexicon/readings.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import type { Segmentation, Unit } from "../spelling/segmentation.ts";
import { patternsNeeded } from "./patterns-needed.ts";
import type { Pattern, UnitPlace } from "./sequence.ts";
import { type TaughtSet, taughtKey } from "./taught-set.ts";

/** One thing a word needs that has not been taught. */
export type Missing =
  | {
      readonly kind: "gpc";
      readonly grapheme: string;
      readonly phonemes: readonly string[];
      readonly place: UnitPlace;
      /** Index of the unit in the segmentation. */
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

function placeOf(k: number, last: number): UnitPlace {
  if (k === last) return "end";
  return k === 0 ? "start" : "inside";
}

function missingUnit(unit: Unit, place: UnitPlace, k: number, taught: TaughtSet): Missing | undefined {
  const places = taught.gpcs.get(taughtKey(unit.grapheme, unit.phonemes));
  if (places === "any" || places?.has(place)) return undefined;
  const prefix = `${unit.grapheme}=`;
  return {
    kind: "gpc",
    grapheme: unit.grapheme,
    phonemes: unit.phonemes,
    place,
    unit: k,
    taughtElsewhere: places !== undefined,
    graphemeTaught: [...taught.gpcs.keys()].some((key) => key.startsWith(prefix)),
  };
}

/**
 * What a segmentation needs beyond a taught set. The -s ending needs the pattern, not the place: its own
 * sound is judged as standing inside, so that `s=z` taught for the end of `is` does not give `pins`.
 */
export function missingFor(reading: Segmentation, taught: TaughtSet, inflection?: Inflection): Missing[] {
  const missing: Missing[] = [];
  const last = reading.units.length - 1;
  const lastOfBase = inflection ? last - 1 : last;
  reading.units.forEach((unit, k) => {
    // Adding -s teaches both its sounds; the pattern is checked below.
    if (inflection?.ending === "s" && k === last) return;
    const lack = missingUnit(unit, k === last ? "end" : placeOf(k, lastOfBase), k, taught);
    if (lack) missing.push(lack);
  });
  for (const pattern of patternsNeeded(reading, inflection))
    if (!taught.patterns.has(pattern)) missing.push({ kind: "pattern", pattern });
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
 */
export function checkDecodable(
  word: string | Segmentation,
  taught: TaughtSet,
  lexicon: Lexicon = shippedLexicon(),
): Decodability {
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
  const inflection = inflectionOf(entry.word, lexicon);
  let best: Decodability | undefined;
  for (const reading of sameSoundReadings(entry)) {
    const missing = missingFor(reading, taught, inflection);
    if (missing.length === 0) return { decodable: true, missing, reading };
    if (!best || missing.length < best.missing.length) best = { decodable: false, missing, reading };
  }
  return best ?? { decodable: false, missing: [{ kind: "unknown-word", word: entry.word }] };
}

/** Every word of the list that can be decoded (words learnt whole are not among them), in list order. */
export function decodableWords(taught: TaughtSet, lexicon: Lexicon = shippedLexicon()): LexiconWord[] {
  return lexicon.words.filter((entry) => judge(entry, taught, lexicon).decodable);
}

/** True when the letters are really said in more than one way (wind, read, bow). */
export function hasTwoReadings(entry: LexiconWord): boolean {
  return distinctReadings(entry).length > 1;
}
