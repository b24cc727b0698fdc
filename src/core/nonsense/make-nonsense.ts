import { lexiconIn } from "../lexicon/in-accent.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { seededRandom } from "../random/seeded-random.ts";
import type { TaughtSet } from "../scope/taught-set.ts";
import type { Decoding } from "../spelling/decode/decode.ts";
import type { Gpc } from "../spelling/gpc.ts";
import { correspondenceKey, keyOfGpc } from "../spelling/unit-key.ts";
import { fitsBefore, type Parts, partsFor } from "./parts.ts";
import { readAsMade } from "./read-as-made.ts";
import { screensOf } from "./screens.ts";
import { spell } from "./spell.ts";

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

/**
 * Nonsense words of one syllable, made from what is taught and from what English allows, and screened:
 * never a real word or one that sounds like one, nothing unsuitable in spelling or sound, nothing that the
 * taught set lets be read in two ways.
 *
 * @returns up to `count` different words; fewer when what is taught gives no more
 *
 * @example makeNonsense({ taught: taughtAt(sequenceById("phased"), 5), count: 4, seed: 1 }).length // 4
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
    // It is read as it is made, or not at all: what is made of other units need not be read.
    if (focus.size > 0 && !gpcs.some((gpc) => focus.has(correspondenceKey(gpc.grapheme, gpc.phonemes, accent))))
      continue;
    const word = spell(gpcs);
    if (made.has(word)) continue;
    const reading = readAsMade(word, gpcs, request.taught, lexicon);
    if (!reading) continue;
    const syllableOf = screens.syllableOf(reading);
    made.set(word, { word, reading, ...(syllableOf && { syllableOf }) });
  }
  return [...made.values()];
}

function drawUnits(shape: NonsenseShape, parts: Parts, random: () => number): Gpc[] | undefined {
  const pick = <T>(list: readonly T[]): T | undefined => list[Math.floor(random() * list.length)];
  const vowel = pick(parts.vowels);
  if (!vowel) return undefined;
  const [before = "", after = ""] = shape.split("V");
  if (!fitsBefore(vowel, after === "" ? "nothing" : after === "C" ? "consonant" : "cluster")) return undefined;
  const onset = before === "CC" ? pick(parts.onsetClusters) : before === "C" ? wrap(pick(parts.onsets)) : [];
  const coda = after === "CC" ? pick(parts.codaClusters) : after === "C" ? wrap(pick(parts.codas(vowel))) : [];
  return onset && coda ? [...onset, vowel, ...coda] : undefined;
}

const wrap = (gpc: Gpc | undefined): readonly Gpc[] | undefined => gpc && [gpc];
