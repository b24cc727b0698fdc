import type { KeptOutList } from "../lexicon/kept-out-lists.ts";
import type { Familiarity } from "../lexicon/lexicon.ts";
import type { TaughtSet } from "../scope/taught-set.ts";
import type { TapSettings } from "../spelling/taps.ts";
import type { Move } from "./moves.ts";

/** Two correspondences a learner is to tell apart, as GPC ids (`"i=ɪ"`, `"e=e"`). */
export interface Contrast {
  readonly a: string;
  readonly b: string;
}

export const MIN_CHAIN_LENGTH = 3;
export const MAX_CHAIN_LENGTH = 30;
export const MAX_PLANS = 5;
/** More words that must come in are laid down by hand, with `fixed`. */
export const MAX_MUST_INCLUDE = 6;

/** What the chain is for: read aloud; built by ear with tiles; or heard only, where letters do not matter. */
export const CHAIN_MODES = ["reading", "building", "ears-only"] as const;
export type ChainMode = (typeof CHAIN_MODES)[number];

/**
 * How the place of the change moves through the chain: anyhow; beginnings first, then endings, then middles;
 * never twice in the same place; the vowel is held; only the vowel changes.
 */
export const POSITION_PLANS = [
  "any",
  "beginnings-endings-middles",
  "alternate",
  "hold-the-vowel",
  "only-the-vowel",
] as const;
export type PositionPlan = (typeof POSITION_PLANS)[number];

export interface ChainRequest {
  readonly taught: TaughtSet;
  /** Number of words, 3 to 30. With `reachPower`, the most words it may take. */
  readonly length: number;
  /** GPC ids, and ids of patterns ("suffix-ed"), that the chain should meet as often as it can. */
  readonly focus: readonly string[];
  readonly contrasts: readonly Contrast[];
  /** How much each aim counts, by GPC id or `"a/b"`; 1 where nothing is said. */
  readonly weights?: Readonly<Record<string, number>>;
  /** First and last word, if the teacher wants one. */
  readonly start?: string;
  readonly end?: string;
  /** Words that have to come in, wherever. */
  readonly mustInclude?: readonly string[];
  /** Words laid down in their places; undefined where a word is to be found. As long as the chain, or shorter. */
  readonly fixed?: readonly (string | undefined)[];
  /** Moves that count as one step; swap is not among them unless asked for. */
  readonly moves?: readonly Move[];
  /** Reading by default. */
  readonly mode?: ChainMode;
  /** Largest share of nonsense words, 0 to 1; 1 is nonsense only. */
  readonly nonsenseShare?: number;
  readonly positions?: PositionPlan;
  /** The longest run of changes in one place; no limit when not given. */
  readonly longestRun?: number;
  /**
   * The least familiar words let in, 1 to 4. When not given, words that children know by seven (1 and 2) come first, and
   * others only where there is no chain, or an aim is not met, without them.
   */
  readonly leastFamiliar?: Familiarity;
  /** Words used lately: left out where a chain can be made without them, otherwise used last and flagged. */
  readonly recent?: readonly string[];
  /** Words that may not appear at all (the school's own never-list). */
  readonly never?: readonly string[];
  /** Lists of words kept out that this school lets in; words that are never suitable stay out. */
  readonly allowLists?: readonly KeptOutList[];
  /** Number of each tile in the box; tiles that are not named are not there. No limit when not given. */
  readonly tiles?: Readonly<Record<string, number>>;
  /** What the school keeps together on one tile or tap. */
  readonly taps?: TapSettings;
  /** The last word is one step from the first. */
  readonly closed?: boolean;
  /** The shortest chain that shows every contrast with this probability, 0 to 1. */
  readonly reachPower?: { readonly atLeast: number; readonly share?: number };
  /** An easier or a harder twin for half of a group. */
  readonly level?: "easier" | "harder";
  /** Same seed, same answer. */
  readonly seed: number;
  /** How many different chains to return, 1 to 5. */
  readonly count?: number;
}
