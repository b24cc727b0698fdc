interface EndingDefinition {
  /** The end of a spelling that may be this ending. */
  readonly spelling: RegExp;
  /** What it sounds like: lists of phonemes. */
  readonly sounds: readonly (readonly string[])[];
  /** How many units of a word it is. */
  readonly units: number;
  /** A base that ends in e may have lost it before this ending (hop-ing). */
  readonly dropsE: boolean;
  /** The pattern that has to be taught for it, and that teaches its sounds: an id of scope/patterns.ts. */
  readonly pattern: "suffix-s" | "suffix-es" | "suffix-ed" | "suffix-ing";
}

/** The endings that a word of the list can have on, one definition each. The longer of two that fit comes later. */
export const ENDINGS = {
  s: { spelling: /[^s]s$/, sounds: [["s"], ["z"]], units: 1, dropsE: false, pattern: "suffix-s" },
  es: {
    spelling: /es$/,
    sounds: [["ɪ", "z"], ["ə", "z"], ["z"]],
    units: 1,
    dropsE: true,
    pattern: "suffix-es",
  },
  ed: {
    spelling: /ed$/,
    sounds: [["t"], ["d"], ["ɪ", "d"], ["ə", "d"]],
    units: 1,
    dropsE: true,
    pattern: "suffix-ed",
  },
  ing: { spelling: /ing$/, sounds: [["ɪ", "ŋ"]], units: 2, dropsE: true, pattern: "suffix-ing" },
} as const satisfies Record<string, EndingDefinition>;

export type Ending = keyof typeof ENDINGS;

/** Ids of the endings, in the order in which they are tried. */
export const ENDING_IDS = Object.keys(ENDINGS) as readonly Ending[];
