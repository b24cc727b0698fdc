import { getOrMake } from "../../get-or-make.ts";
import { isVowel } from "../../sounds/phonemes.ts";
import { gpcById } from "../gpc.ts";
import type { Segmentation, Slot, Unit } from "../segmentation.ts";
import type { TaughtGpcs } from "../taught-gpcs.ts";
import { teachingKey } from "../teaching-key.ts";
import { RARER_RULES } from "./rarer-rules.ts";
import { READING_RULES, type ReadingRule } from "./rules.ts";

/** A reading of a spelling by rule: a segmentation with the rule behind each unit. */
export interface Decoding extends Segmentation {
  /** `rules[k]` is why unit k is read as it is. */
  readonly rules: readonly string[];
}

export interface DecodeOptions {
  /** Only correspondences of this taught set are used; without it the whole table is. */
  readonly taught?: TaughtGpcs;
  /** The same, asked one by one. */
  readonly allows?: (grapheme: string, phonemes: readonly string[]) => boolean;
  /** At most this many readings, best first. */
  readonly most?: number;
}

const DEFAULT_MOST = 8;
/** Partial readings kept at each letter; more when more readings are asked for. */
const KEPT = 8;
const LONGEST = 30;
/** The e of a split digraph: the first one after its consonants. */
const FINAL_E = /e(?:s|d|ly|less|ful|ness|ment)?$/;

/** A reading of the first letters; its units are linked backwards, so that readings share their beginnings. */
interface Partial {
  readonly at: number;
  readonly cost: number;
  readonly last: DecodedUnit | undefined;
  readonly hasVowel: boolean;
  /** Where the e of an open split digraph must be met. */
  readonly tailAt: number | undefined;
}

interface DecodedUnit {
  readonly before: DecodedUnit | undefined;
  readonly candidate: GpcCandidate;
}

/** A rule that fits the letters where it starts, whatever was read before. */
interface GpcCandidate {
  readonly rule: ReadingRule;
  readonly start: number;
  readonly end: number;
  readonly isVowel: boolean;
  /** Of a split digraph: where its e stands. */
  readonly tailAt?: number;
}

/**
 * All plausible readings of a spelling by rule, best first: nonsense words, and what a child wrote.
 *
 * @param spelling lower-case letters a-z, at most 30
 * @returns empty when the rules cannot read it: other characters, no vowel, or nothing taught fits
 *
 * @example decodings("shobe")[0]?.units.map(({ grapheme }) => grapheme) // ["sh", "o-e", "b"]
 */
export function decodings(spelling: string, options: DecodeOptions = {}): Decoding[] {
  if (!/^[a-z]+$/.test(spelling) || spelling.length > LONGEST) return [];
  const kept = Math.max(KEPT, 2 * (options.most ?? DEFAULT_MOST));
  const severalVowels = (spelling.match(/[aeiouy]+/g) ?? []).length > 1;
  const waiting: Partial[][] = Array.from({ length: spelling.length + 1 }, () => []);
  waiting[0]?.push({ at: 0, cost: 0, last: undefined, hasVowel: false, tailAt: undefined });
  for (let at = 0; at < spelling.length; at++) {
    const candidates = candidatesAt(spelling, at, severalVowels, options);
    const here = (waiting[at] as Partial[]).sort((a, b) => a.cost - b.cost).slice(0, kept);
    for (const partial of here) {
      if (partial.tailAt === at) {
        waiting[at + 1]?.push({ ...partial, at: at + 1, tailAt: undefined });
        continue;
      }
      for (const candidate of candidates) {
        const next = extend(partial, candidate);
        if (next) waiting[next.at]?.push(next);
      }
    }
  }
  const done = (waiting[spelling.length] as Partial[]).filter(
    ({ tailAt, hasVowel }) => tailAt === undefined && hasVowel,
  );
  done.sort((a, b) => a.cost - b.cost);
  const found = new Map<string, Decoding>();
  for (const partial of done) {
    if (found.size >= (options.most ?? DEFAULT_MOST)) break;
    const placed = placedOf(partial);
    const key = placed.map(({ rule }) => rule.id).join(" ");
    if (!found.has(key)) found.set(key, toDecoding(spelling, placed, partial.cost));
  }
  return [...found.values()];
}

/** A rule that may be used, with whether it reads a vowel. */
interface UsableRule {
  readonly rule: ReadingRule;
  readonly isVowel: boolean;
}

type ByLetter = ReadonlyMap<string, readonly UsableRule[]>;

function byFirstLetter(may: (rule: ReadingRule) => boolean): ByLetter {
  const rules = new Map<string, UsableRule[]>();
  for (const rule of [...READING_RULES, ...RARER_RULES])
    if (may(rule)) getOrMake(rules, rule.head.charAt(0), () => []).push({ rule, isVowel: rule.phonemes.some(isVowel) });
  return rules;
}

const ALL_RULES = byFirstLetter(() => true);
const TAUGHT_RULES = new WeakMap<TaughtGpcs, ByLetter>();

/** The rules that a taught set allows, by the letter that each begins with; without one all there are. */
function rulesFor(taught: TaughtGpcs | undefined): ByLetter {
  if (!taught) return ALL_RULES;
  const { gpcs, accent } = taught;
  return getOrMake(TAUGHT_RULES, taught, () =>
    byFirstLetter(({ grapheme, phonemes }) => gpcs.has(teachingKey(grapheme, phonemes, accent))),
  );
}

/** The best reading of a spelling by rule, or undefined when the rules cannot read it. */
export function decode(spelling: string, options: DecodeOptions = {}): Decoding | undefined {
  return decodings(spelling, { ...options, most: 1 })[0];
}

/** What may be read from one letter on: of each correspondence the cheapest rule that fits. */
function candidatesAt(spelling: string, start: number, severalVowels: boolean, options: DecodeOptions): GpcCandidate[] {
  const { allows } = options;
  const cheapest = new Map<string, GpcCandidate>();
  for (const { rule, isVowel } of rulesFor(options.taught).get(spelling[start] as string) ?? []) {
    if ((rule.weak && !severalVowels) || !spelling.startsWith(rule.head, start)) continue;
    if (rule.cost >= (cheapest.get(rule.id)?.rule.cost ?? Number.POSITIVE_INFINITY)) continue;
    const end = start + rule.head.length;
    if (rule.before && !rule.before.test(spelling.slice(0, start))) continue;
    if (rule.after && !rule.after.test(spelling.slice(end))) continue;
    if (allows && !allows(rule.grapheme, rule.phonemes)) continue;
    const tailAt = rule.split ? end + spelling.slice(end).search(FINAL_E) : undefined;
    cheapest.set(rule.id, { rule, start, end, isVowel, ...(tailAt !== undefined && { tailAt }) });
  }
  return [...cheapest.values()];
}

function extend(partial: Partial, candidate: GpcCandidate): Partial | undefined {
  const { rule, end, tailAt } = candidate;
  if (partial.tailAt !== undefined && (rule.split || end > partial.tailAt)) return undefined;
  return {
    at: end,
    cost: partial.cost + rule.cost,
    last: { before: partial.last, candidate },
    hasVowel: partial.hasVowel || candidate.isVowel,
    tailAt: tailAt ?? partial.tailAt,
  };
}

function placedOf({ last }: Partial): GpcCandidate[] {
  const placed: GpcCandidate[] = [];
  for (let unit = last; unit; unit = unit.before) placed.push(unit.candidate);
  return placed.reverse();
}

function toDecoding(word: string, placed: readonly GpcCandidate[], cost: number): Decoding {
  const vowels = placed.map((unit) => unit.isVowel);
  const firstVowel = vowels.indexOf(true);
  const units = placed.map(({ rule, start, tailAt }, k): Unit => {
    const letters = Array.from(rule.head, (_, n) => start + n);
    const slot: Slot = vowels[k] ? "nucleus" : k < firstVowel || vowels[k + 1] ? "onset" : "coda";
    return {
      grapheme: rule.grapheme,
      letters: tailAt === undefined ? letters : [...letters, tailAt],
      phonemes: rule.phonemes,
      slot,
      commonness: gpcById(rule.id)?.commonness ?? 3,
    };
  });
  return { word, units, cost, rules: placed.map(({ rule }) => rule.name) };
}
