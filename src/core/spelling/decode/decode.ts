import { type TaughtSet, taughtKey } from "../../scope/taught-set.ts";
import { isVowel } from "../../sounds/phonemes.ts";
import { gpcById, gpcId } from "../gpc.ts";
import type { Segmentation, Slot, Unit } from "../segmentation.ts";
import { READING_RULES, type ReadingRule } from "./rules.ts";

/** A reading of a spelling by rule: a segmentation with the rule behind each unit. */
export interface Decoding extends Segmentation {
  /** `rules[k]` is why unit k is read as it is. */
  readonly rules: readonly string[];
}

export interface DecodeOptions {
  /** Only correspondences of this taught set are used; without it the whole table is. */
  readonly taught?: Pick<TaughtSet, "gpcs" | "accent">;
  /** The same, asked one by one. */
  readonly allows?: (grapheme: string, phonemes: readonly string[]) => boolean;
  /** At most this many readings, best first. */
  readonly most?: number;
}

const DEFAULT_MOST = 6;
/** Partial readings kept at each letter. */
const KEPT = 12;
const LONGEST = 30;

interface Partial {
  readonly at: number;
  readonly cost: number;
  readonly placed: readonly { rule: ReadingRule; start: number; tailAt?: number }[];
  /** Where the e of an open split digraph must be met. */
  readonly tailAt: number | undefined;
}

/**
 * All plausible readings of a spelling by rule, best first: nonsense words, and what a child wrote.
 *
 * @param spelling lower-case letters a-z, at most 30
 * @returns empty when the rules cannot read it: other characters, no vowel, or nothing taught fits
 */
export function decodings(spelling: string, options: DecodeOptions = {}): Decoding[] {
  if (!/^[a-z]+$/.test(spelling) || spelling.length > LONGEST) return [];
  const waiting: Partial[][] = Array.from({ length: spelling.length + 1 }, () => []);
  waiting[0]?.push({ at: 0, cost: 0, placed: [], tailAt: undefined });
  for (let at = 0; at < spelling.length; at++) {
    const here = (waiting[at] as Partial[]).sort((a, b) => a.cost - b.cost).slice(0, KEPT);
    for (const partial of here) {
      if (partial.tailAt === at) {
        waiting[at + 1]?.push({ ...partial, at: at + 1, tailAt: undefined });
        continue;
      }
      for (const rule of READING_RULES) {
        const next = place(rule, spelling, partial, options);
        if (next) waiting[next.at]?.push(next);
      }
    }
  }
  const done = (waiting[spelling.length] as Partial[]).filter(
    ({ tailAt, placed }) => tailAt === undefined && placed.some(({ rule }) => rule.phonemes.some(isVowel)),
  );
  const seen = new Set<string>();
  return done
    .sort((a, b) => a.cost - b.cost)
    .map((partial) => toDecoding(spelling, partial))
    .filter(({ units }) => {
      const key = units.map((unit) => gpcId(unit.grapheme, unit.phonemes)).join(" ");
      return !seen.has(key) && Boolean(seen.add(key));
    })
    .slice(0, options.most ?? DEFAULT_MOST);
}

/** The best reading of a spelling by rule, or undefined when the rules cannot read it. */
export function decode(spelling: string, options: DecodeOptions = {}): Decoding | undefined {
  return decodings(spelling, { ...options, most: 1 })[0];
}

function place(rule: ReadingRule, spelling: string, partial: Partial, options: DecodeOptions): Partial | undefined {
  const start = partial.at;
  if (!spelling.startsWith(rule.head, start)) return undefined;
  const end = start + rule.head.length;
  if (partial.tailAt !== undefined && (rule.split || end > partial.tailAt)) return undefined;
  if (rule.before && !rule.before.test(spelling.slice(0, start))) return undefined;
  const rest = spelling.slice(end);
  if (rule.after && !rule.after.test(rest)) return undefined;
  if (options.taught && !options.taught.gpcs.has(taughtKey(rule.grapheme, rule.phonemes, options.taught.accent)))
    return undefined;
  if (options.allows && !options.allows(rule.grapheme, rule.phonemes)) return undefined;
  const placed = { rule, start, ...(rule.split && { tailAt: end + rest.search(/e(?:s|d)?$/) }) };
  return {
    at: end,
    cost: partial.cost + rule.cost,
    placed: [...partial.placed, placed],
    tailAt: rule.split ? placed.tailAt : partial.tailAt,
  };
}

function toDecoding(word: string, { placed, cost }: Partial): Decoding {
  const vowels = placed.map(({ rule }) => rule.phonemes.some(isVowel));
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
