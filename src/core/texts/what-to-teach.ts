import type { Missing } from "../scope/decodable.ts";
import type { TextReport } from "./check-text.ts";
import { type Misfit, misfitsOf } from "./misfits.ts";

/** One thing that could be taught: a correspondence, a pattern, or a word as a whole. */
export type TeachItem =
  | { readonly kind: "gpc"; readonly grapheme: string; readonly phonemes: readonly string[] }
  | { readonly kind: "pattern"; readonly pattern: string }
  | { readonly kind: "word"; readonly word: string };

export interface TeachList {
  readonly items: readonly TeachItem[];
  /** The share of words that fit once they are taught, 0 to 1. */
  readonly share: number;
}

/** So many correspondences and patterns are tried in every combination; of more, those that the most words need. */
const MOST_COMBINED = 12;

/**
 * The smallest list of things to teach that lifts a text to a share of fitting words. A word counts as soon as everything
 * it needs is in the list; any word may be taught as a whole instead.
 *
 * @param share what is wanted, 0 to 1
 * @returns undefined where words that are kept out stand in the way
 */
export function whatToTeach(report: TextReport, share: number): TeachList | undefined {
  const total = report.tokens.length;
  const fitting = report.tokens.filter(({ fits }) => fits).length;
  const wanted = Math.ceil(share * total - 1e-9) - fitting;
  if (wanted <= 0) return { items: [], share: total === 0 ? 1 : fitting / total };
  const misfits = misfitsOf(report.tokens).filter(({ first }) => first.kind !== "kept-out");
  if (misfits.reduce((sum, { times }) => sum + times, 0) < wanted) return undefined;
  const parts = partsToCombine(misfits);
  const words = misfits.map((misfit) => needOf(misfit, parts)).sort((a, b) => b.times - a.times);
  const gains = gainsOf(words, parts.length);
  const bits = bestCombination(words, gains, wanted);
  const byParts = gains[bits] as number;
  const whole = wholesFor(words, bits, wanted - byParts);
  const gained = whole.reduce((sum, { times }) => sum + times, byParts);
  return {
    items: [
      ...parts.filter((_, k) => bits & (1 << k)).map(({ item }) => item),
      ...whole.map(({ word }): TeachItem => ({ kind: "word", word })),
    ],
    share: (fitting + gained) / total,
  };
}

/** A correspondence or a pattern that words need. */
interface Part {
  readonly key: string;
  readonly item: TeachItem;
}

function partOf(missing: Missing): Part | undefined {
  if (missing.kind === "gpc") {
    const { grapheme, phonemes } = missing;
    return { key: `${grapheme}=${phonemes.join("+")}`, item: { kind: "gpc", grapheme, phonemes } };
  }
  return missing.kind === "pattern"
    ? { key: missing.pattern, item: { kind: "pattern", pattern: missing.pattern } }
    : undefined;
}

/** What a word needs part by part; undefined for a word that only can be taught as a whole. */
function partsOf({ first: { kind, judged } }: Misfit): readonly Part[] | undefined {
  // A word in no list cannot be told right by its parts.
  if (kind !== "not-yet" || judged.missing.length === 0) return undefined;
  const parts = judged.missing.map(partOf);
  return parts.every((part) => part !== undefined) ? parts : undefined;
}

function partsToCombine(misfits: readonly Misfit[]): readonly Part[] {
  const found = new Map<string, { readonly part: Part; worth: number }>();
  for (const misfit of misfits) {
    const parts = partsOf(misfit) ?? [];
    for (const part of parts) {
      const known = found.get(part.key) ?? { part, worth: 0 };
      known.worth += misfit.times / parts.length;
      found.set(part.key, known);
    }
  }
  return [...found.values()]
    .sort((a, b) => b.worth - a.worth)
    .slice(0, MOST_COMBINED)
    .map(({ part }) => part);
}

interface WordNeed {
  readonly word: string;
  readonly times: number;
  /** Bits of the parts it needs; undefined where it can only be taught as a whole. */
  readonly needs: number | undefined;
}

function needOf(misfit: Misfit, parts: readonly Part[]): WordNeed {
  const places = partsOf(misfit)?.map(({ key }) => parts.findIndex((part) => part.key === key));
  const needs = places?.every((place) => place >= 0)
    ? places.reduce((bits, place) => bits | (1 << place), 0)
    : undefined;
  return { word: misfit.first.spelling, times: misfit.times, needs };
}

const isMet = ({ needs }: WordNeed, bits: number): boolean => needs !== undefined && (needs & ~bits) === 0;

/** How many words each combination of parts brings within reach: one sum a combination, by its bits. */
function gainsOf(words: readonly WordNeed[], parts: number): Uint32Array {
  const gains = new Uint32Array(1 << parts);
  for (const { needs, times } of words) if (needs !== undefined) gains[needs] = (gains[needs] as number) + times;
  // A combination gains what each of its parts taken away would gain, and what needs them all.
  for (let part = 0; part < parts; part++)
    for (let bits = 0; bits < gains.length; bits++)
      if (bits & (1 << part)) gains[bits] = (gains[bits] as number) + (gains[bits ^ (1 << part)] as number);
  return gains;
}

/** The words to be taught as wholes beside parts, the most frequent first. @param left how many times words are still wanted */
function wholesFor(words: readonly WordNeed[], bits: number, left: number): WordNeed[] {
  const whole: WordNeed[] = [];
  for (const need of words) {
    if (left <= 0) break;
    if (isMet(need, bits)) continue;
    whole.push(need);
    left -= need.times;
  }
  return whole;
}

/** How many those are, without making the list. @param left how many times words are still wanted @param most it is not counted further */
function countWholes(words: readonly WordNeed[], bits: number, left: number, most: number): number {
  let count = 0;
  for (const need of words) {
    if (left <= 0 || count > most) break;
    if (isMet(need, bits)) continue;
    count++;
    left -= need.times;
  }
  return count;
}

const sizeOf = (bits: number): number => {
  let size = 0;
  for (let left = bits; left > 0; left &= left - 1) size++;
  return size;
};

/**
 * The combination of parts that makes the shortest list. Of lists equally short the one with more parts: they go further
 * than whole words.
 *
 * @param words the most frequent first
 * @param wanted how many times words are wanted
 */
function bestCombination(words: readonly WordNeed[], gains: Uint32Array, wanted: number): number {
  let best = 0;
  let shortest = Number.POSITIVE_INFINITY;
  for (let bits = 0; bits < gains.length; bits++) {
    const size = sizeOf(bits);
    if (size > shortest) continue;
    const length = size + countWholes(words, bits, wanted - (gains[bits] as number), shortest - size);
    if (length < shortest || (length === shortest && size > sizeOf(best))) [best, shortest] = [bits, length];
  }
  return best;
}
