import { GPCS, type Gpc, type GpcPlace } from "../gpc.ts";
import type { ReadingRule } from "./rules.ts";

/** What a correspondence without a rule of its own costs: always more than any rule. */
const COST: Readonly<Record<Gpc["commonness"], number>> = { 1: 2, 2: 2.4, 3: 2.9, 4: 3.5, 5: 4.2 };
/** Each further letter of a grapheme: rare spellings of many letters must not win by being few units. */
const FURTHER_LETTER = 0.9;
const WEAK_VOWEL = -0.4;

/** Letters that may follow the end of a base word. */
const AFTER_END = "^(?:s|d|ed|ing|ly|ful|less|ness|er|y)?$";

const AFTER_A_SYLLABLE = /^[^aeiouy]*[aeiouy].*[^aeiouy]$/;
const BEFORE: Readonly<Partial<Record<GpcPlace, RegExp>>> = {
  "after-w": /(?:w|wh|qu)$/,
  start: /^$/,
  suffix: /^[^aeiouy]*[aeiouy].*(?:[^aeiou]|oo)$/,
};
const AFTER: Readonly<Partial<Record<GpcPlace, RegExp>>> = {
  start: /^./,
  end: new RegExp(AFTER_END),
  inside: /^./,
  "before-eiy": /^[eiy]/,
  "before-m": /^m/,
  suffix: /^$/,
};

/** A split digraph may reach over st and th as well as over one consonant. */
const FINAL_E = /^(?:sh|ch|th|ph|st|gn|qu|[bcdfghjklmnprstvwxz])e(?:s|d|ly|less|ful|ness|ment)?$/;

/**
 * Every correspondence of the table as a reading of last resort, so that an odd word's own sounds stand
 * among its readings too (said, busy), behind all that the rules read. Vowels are weak only in words of
 * more than one vowel.
 */
export const RARER_RULES: readonly ReadingRule[] = GPCS.map((gpc) => ({
  id: gpc.id,
  grapheme: gpc.grapheme,
  head: gpc.head,
  split: gpc.tail !== "",
  weak: isWeak(gpc),
  phonemes: gpc.phonemes,
  cost: COST[gpc.commonness] + FURTHER_LETTER * (gpc.head.length - 1) + (isWeak(gpc) ? WEAK_VOWEL : 0),
  before: isSyllabic(gpc) ? AFTER_A_SYLLABLE : BEFORE[gpc.place],
  after: afterOf(gpc),
  name: isWeak(gpc) ? "weak vowel" : `as in ${gpc.examples[0]}`,
}));

function afterOf({ tail, grapheme, phonemes, place }: Gpc): RegExp | undefined {
  if (tail !== "") return FINAL_E;
  // No word ends in an e that is said short or weak.
  if (grapheme === "e" && !/ː/.test(phonemes[0] ?? "") && phonemes[0] !== "eɪ") return /^./;
  return AFTER[place];
}

function isWeak({ phonemes }: Gpc): boolean {
  return phonemes[0] === "ə" || phonemes[0] === "ər";
}

/** The le of table and the m of prism: a syllable without a vowel letter, after another one. */
function isSyllabic({ phonemes }: Gpc): boolean {
  return phonemes[0] === "ə" && phonemes.length > 1;
}
