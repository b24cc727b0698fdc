import { lexiconIn } from "../lexicon/in-accent.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { seededRandom } from "../random/seeded-random.ts";
import { missingFor } from "../scope/decodable.ts";
import { type TaughtSet, taughtKey } from "../scope/taught-set.ts";
import { isVowel } from "../sounds/phonemes.ts";
import { type Decoding, decode, decodings } from "../spelling/decode/decode.ts";
import { GPCS, type Gpc, gpcById } from "../spelling/gpc.ts";
import { graphemesOf, phonemesOf } from "../spelling/segmentation.ts";
import { keyOfGpc, unitKey } from "../spelling/unit-key.ts";
import { isNearRude } from "./near-rude.ts";
import { screensOf, soundKey } from "./screens.ts";
import {
  AFTER_LONG_VOWEL,
  AFTER_SHORT_VOWEL,
  CODA_CLUSTERS,
  MISLEADING,
  NEVER_AT_END,
  ONLY_AT_END,
  ONSET_CLUSTERS,
  ONSET_CLUSTERS_OF_THREE,
  SINGLE_ONSETS,
  UNDER_SPLIT_DIGRAPH,
} from "./shapes.ts";

/** C is one consonant grapheme, CC a cluster, V the vowel. */
export type NonsenseShape = "VC" | "CV" | "CVC" | "CCVC" | "CVCC" | "CCVCC";

export interface NonsenseRequest {
  readonly taught: TaughtSet;
  /** 1 to 500. */
  readonly count: number;
  /** Same seed, same words. */
  readonly seed: number;
  /** Shapes to draw from; CVC by default. */
  readonly shapes?: readonly NonsenseShape[];
  /** GPC ids of which every word holds at least one. */
  readonly focus?: readonly string[];
}

export interface NonsenseWord {
  readonly word: string;
  readonly reading: Decoding;
  /** A longer real word of which it is a syllable, where there is one. */
  readonly syllableOf?: string;
}

const MOST = 500;
/** Draws a word asked for, and at least, before the supply counts as used up. */
const PATIENCE = 40;
const LEAST_PATIENCE = 2000;
/** A second reading this much dearer than the first does not make a word ambiguous. */
const CLEAR_MARGIN = 0.35;

/**
 * Nonsense words of one syllable, made from what is taught and from what English allows, and screened:
 * never a real word or one that sounds like one, nothing unsuitable in spelling or sound, nothing that the
 * taught set lets be read in two ways.
 *
 * @returns up to `count` different words; fewer when what is taught gives no more
 */
export function makeNonsense(request: NonsenseRequest, list: Lexicon = shippedLexicon()): NonsenseWord[] {
  const { accent } = request.taught;
  const lexicon = lexiconIn(list, accent);
  const count = Math.max(0, Math.min(MOST, Math.floor(request.count) || 0));
  const random = seededRandom(request.seed);
  const parts = partsFor(request.taught);
  const shapes = request.shapes ?? ["CVC"];
  const focus = new Set((request.focus ?? []).map((id) => keyOfGpc(id, accent)));
  const screens = screensOf(lexicon);
  const made = new Map<string, NonsenseWord>();
  const patience = Math.max(LEAST_PATIENCE, PATIENCE * count);
  for (let draw = 0; draw < patience && made.size < count; draw++) {
    const shape = shapes[Math.floor(random() * shapes.length)] as NonsenseShape;
    const gpcs = drawUnits(shape, parts, random);
    if (!gpcs) continue;
    const word = spell(gpcs);
    if (made.has(word) || screens.refuses(word) || MISLEADING.some((pattern) => pattern.test(word))) continue;
    const [reading, second] = decodings(word, { taught: request.taught });
    if (!reading || graphemesOf(reading).join(" ") !== gpcs.map((g) => g.grapheme).join(" ")) continue;
    if (phonemesOf(reading).join(" ") !== gpcs.flatMap((g) => g.phonemes).join(" ")) continue;
    if (second && second.cost - reading.cost < CLEAR_MARGIN && soundKey(second, accent) !== soundKey(reading, accent))
      continue;
    // What a reader who knows more would say first must be the same: "watch" and "wash" pull "wath" their way.
    const atLarge = decode(word);
    if (!atLarge || soundKey(atLarge, accent) !== soundKey(reading, accent)) continue;
    if (graphemesOf(atLarge).join(" ") !== graphemesOf(reading).join(" ")) continue;
    if (!screens.endsClearly(reading) || isNearRude(reading)) continue;
    if (screens.soundsReal(reading) || missingFor(reading, request.taught).length > 0) continue;
    if (focus.size > 0 && !reading.units.some((unit) => focus.has(unitKey(unit, accent)))) continue;
    const syllableOf = screens.syllableOf(reading);
    made.set(word, { word, reading, ...(syllableOf && { syllableOf }) });
  }
  return [...made.values()];
}

interface Parts {
  readonly onsets: readonly Gpc[];
  readonly onsetClusters: readonly (readonly Gpc[])[];
  readonly vowels: readonly Gpc[];
  readonly codaClusters: readonly (readonly Gpc[])[];
  codas(vowel: Gpc): readonly Gpc[];
}

const SHORT = /^[aeiou]=[æeɪɒʌ]$/;

function partsFor(taught: TaughtSet): Parts {
  const isTaught = (gpc: Gpc) => taught.gpcs.has(taughtKey(gpc.grapheme, gpc.phonemes, taught.accent));
  const known = GPCS.filter((gpc) => gpc.commonness <= 2 && isTaught(gpc));
  const consonants = known.filter((gpc) => !gpc.phonemes.some(isVowel));
  const clusters = (lines: readonly string[]) =>
    lines
      .map((line) => line.split(" ").map((id) => gpcById(id)))
      .filter((units): units is Gpc[] => units.every((unit) => unit !== undefined && isTaught(unit)));
  const among = (graphemes: readonly string[]) => consonants.filter((gpc) => graphemes.includes(gpc.grapheme));
  const [short, long, split] = [AFTER_SHORT_VOWEL, AFTER_LONG_VOWEL, UNDER_SPLIT_DIGRAPH].map(among);
  return {
    onsets: among(SINGLE_ONSETS),
    onsetClusters: [
      ...(taught.patterns.has("initial-cluster") ? clusters(ONSET_CLUSTERS) : []),
      ...(taught.patterns.has("initial-cluster-3") ? clusters(ONSET_CLUSTERS_OF_THREE) : []),
    ],
    vowels: known.filter((gpc) => gpc.phonemes.some(isVowel) && gpc.place !== "suffix" && gpc.grapheme !== "le"),
    codaClusters: taught.patterns.has("final-cluster") ? clusters(CODA_CLUSTERS) : [],
    codas: (vowel) => (vowel.tail ? split : SHORT.test(vowel.id) ? short : long) ?? [],
  };
}

function drawUnits(shape: NonsenseShape, parts: Parts, random: () => number): Gpc[] | undefined {
  const pick = <T>(list: readonly T[]): T | undefined => list[Math.floor(random() * list.length)];
  const vowel = pick(parts.vowels);
  if (!vowel) return undefined;
  const isShort = SHORT.test(vowel.id);
  const [before = "", after = ""] = shape.split("V");
  if (after === "" && (isShort || vowel.tail || NEVER_AT_END.includes(vowel.grapheme))) return undefined;
  if (after !== "" && ONLY_AT_END.includes(vowel.grapheme)) return undefined;
  // Clusters follow one short vowel letter: `bempt` is English, `beampt` is not.
  if (after === "CC" && !isShort) return undefined;
  const onset = before === "CC" ? pick(parts.onsetClusters) : before === "C" ? wrap(pick(parts.onsets)) : [];
  const coda = after === "CC" ? pick(parts.codaClusters) : after === "C" ? wrap(pick(parts.codas(vowel))) : [];
  return onset && coda ? [...onset, vowel, ...coda] : undefined;
}

const wrap = (gpc: Gpc | undefined): readonly Gpc[] | undefined => gpc && [gpc];

function spell(gpcs: readonly Gpc[]): string {
  let word = "";
  let tail = "";
  for (const gpc of gpcs) {
    word += gpc.head;
    if (gpc.tail) tail = gpc.tail;
  }
  return word + tail;
}
