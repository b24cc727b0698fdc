interface PatternDefinition {
  /** What teachers call it besides its id, in lower case: read in files and in the editor of orders. */
  readonly alsoCalled: readonly string[];
  /** Patterns that whoever knows this one knows as well. */
  readonly implies: readonly string[];
}

/**
 * What a word is made of that has to be taught beyond its single correspondences, one definition each, in the order in
 * which they are commonly taught. Which words need one stands in patterns-needed.ts (endings say theirs in
 * lexicon/endings.ts); its name on screen in components/words/reasons.ts.
 */
export const PATTERN_DEFINITIONS = {
  "initial-cluster": { alsoCalled: ["ccvc"], implies: [] },
  "initial-cluster-3": { alsoCalled: ["cccvc"], implies: [] },
  "final-cluster": { alsoCalled: ["cvcc"], implies: [] },
  "final-cluster-3": { alsoCalled: ["cvccc"], implies: [] },
  "suffix-s": { alsoCalled: ["-s"], implies: [] },
  "suffix-ed": { alsoCalled: ["-ed"], implies: [] },
  "suffix-ing": { alsoCalled: ["-ing"], implies: [] },
  compounds: { alsoCalled: [], implies: [] },
  // Who reads words of two syllables reads two short words in one.
  "two-syllables": { alsoCalled: [], implies: ["compounds"] },
} as const satisfies Record<string, PatternDefinition>;

export type Pattern = keyof typeof PATTERN_DEFINITIONS;

/** Ids of the patterns. */
export const PATTERNS = Object.keys(PATTERN_DEFINITIONS) as [Pattern, ...Pattern[]];

/** A pattern and those that it implies. */
export const withImplied = (pattern: Pattern): readonly Pattern[] => [
  pattern,
  ...(PATTERN_DEFINITIONS[pattern].implies satisfies readonly Pattern[]),
];

/** The pattern that a teacher has written, by its id or another name; undefined for what is none. */
export const patternCalled = (text: string): Pattern | undefined =>
  PATTERNS.find((id) => id === text || (PATTERN_DEFINITIONS[id].alsoCalled as readonly string[]).includes(text));
