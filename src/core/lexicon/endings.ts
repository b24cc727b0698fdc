interface EndingDefinition {
  /** The end of a spelling that may be this ending. */
  readonly spelling: RegExp;
  /** What it sounds like: lists of phonemes. */
  readonly sounds: readonly (readonly string[])[];
  /** How many units of a word it is. */
  readonly units: number;
  /** A base that ends in e may have lost it before this ending (hop-ing). */
  readonly dropsE: boolean;
  /** The pattern that has to be taught for it: an id of scope/patterns.ts. */
  readonly pattern: "suffix-s" | "suffix-ed" | "suffix-ing";
  /** That pattern teaches its sounds as well: its own correspondence need not be taught. */
  readonly patternTeachesSounds: boolean;
}

/** The endings that a word of the list can have on, one definition each. The longer of two that fit comes later. */
export const ENDINGS = {
  s: {
    spelling: /[^s]s$/,
    sounds: [["s"], ["z"]],
    units: 1,
    dropsE: false,
    pattern: "suffix-s",
    patternTeachesSounds: true,
  },
  es: {
    spelling: /es$/,
    sounds: [
      ["ɪ", "z"],
      ["ə", "z"],
    ],
    units: 1,
    dropsE: true,
    pattern: "suffix-s",
    patternTeachesSounds: true,
  },
  ed: {
    spelling: /ed$/,
    sounds: [["t"], ["d"], ["ɪ", "d"], ["ə", "d"]],
    units: 1,
    dropsE: true,
    pattern: "suffix-ed",
    patternTeachesSounds: false,
  },
  ing: {
    spelling: /ing$/,
    sounds: [["ɪ", "ŋ"]],
    units: 2,
    dropsE: true,
    pattern: "suffix-ing",
    patternTeachesSounds: false,
  },
} as const satisfies Record<string, EndingDefinition>;

export type Ending = keyof typeof ENDINGS;

/** Ids of the endings, in the order in which they are tried. */
export const ENDING_IDS = Object.keys(ENDINGS) as readonly Ending[];
