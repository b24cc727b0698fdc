interface PatternDefinition {
  /** What teachers call it besides its id, in lower case: read in files and in the editor of orders. */
  readonly alsoCalled: readonly string[];
  /** Patterns that whoever knows this one knows as well. */
  readonly implies: readonly string[];
}

/** Taught, and nothing else with it. */
const alone = (...alsoCalled: string[]): PatternDefinition => ({ alsoCalled, implies: [] });

/**
 * What a word is made of that can be taught beyond its single correspondences, one definition each, in the order in
 * which they are commonly taught. Which words need or show one stands in patterns-needed.ts and pattern-covers.ts; its
 * name on screen in components/words/pattern-names.ts.
 */
export const PATTERN_DEFINITIONS = {
  "initial-cluster": alone("ccvc"),
  "initial-cluster-3": alone("cccvc"),
  "final-cluster": alone("cvcc"),
  "final-cluster-3": alone("cvccc"),
  "suffix-s": alone("-s"),
  "suffix-es": alone("-es"),
  "suffix-ed": alone("-ed"),
  "suffix-ing": alone("-ing"),
  "suffix-er": alone("-er"),
  "suffix-est": alone("-est"),
  "suffix-ly": alone("-ly"),
  "suffix-y": alone("-y"),
  "suffix-ful": alone("-ful"),
  "suffix-less": alone("-less"),
  "suffix-ness": alone("-ness"),
  "prefix-un": alone("un-"),
  "prefix-re": alone("re-"),
  "prefix-dis": alone("dis-"),
  "drop-e": alone(),
  "double-consonant": alone("doubling"),
  "y-to-i": alone("y-i"),
  possessive: alone("'s"),
  contraction: alone("contractions"),
  "soft-c": alone(),
  "soft-g": alone(),
  compounds: alone(),
  "closed-syllables": alone(),
  "open-syllables": alone(),
  "consonant-le": alone("-le"),
  "suffixed-two-syllables": alone(),
  // Who reads words of two syllables reads two short words in one.
  "two-syllables": { alsoCalled: [], implies: ["compounds", "closed-syllables", "suffixed-two-syllables"] },
  "weak-vowel": alone("schwa"),
  "ending-tion": alone("-tion"),
  "ending-ture": alone("-ture"),
  "three-syllables": {
    alsoCalled: [],
    implies: ["two-syllables", "compounds", "closed-syllables", "suffixed-two-syllables"],
  },
} as const satisfies Record<string, PatternDefinition>;

export type Pattern = keyof typeof PATTERN_DEFINITIONS;

/** Ids of the patterns. */
export const PATTERNS = Object.keys(PATTERN_DEFINITIONS) as [Pattern, ...Pattern[]];

/** A pattern and those that it implies. */
export const withImplied = (pattern: Pattern): readonly Pattern[] => [
  pattern,
  ...(PATTERN_DEFINITIONS[pattern].implies as readonly Pattern[]),
];

/** The pattern that an aim is, where it is none of the correspondences. */
export const patternOfAim = (aim: string): Pattern | undefined =>
  aim in PATTERN_DEFINITIONS ? (aim as Pattern) : undefined;

/** The pattern that a teacher has written, by its id or another name; undefined for what is none. */
export const patternCalled = (text: string): Pattern | undefined =>
  PATTERNS.find((id) => id === text || (PATTERN_DEFINITIONS[id].alsoCalled as readonly string[]).includes(text));
