import type { TaughtSet } from "../scope/taught-set.ts";

/** Two correspondences a learner is to tell apart, as GPC ids (`"i=ɪ"`, `"e=e"`). */
export interface Contrast {
  readonly a: string;
  readonly b: string;
}

export const MIN_CHAIN_LENGTH = 3;
export const MAX_CHAIN_LENGTH = 30;

export interface ChainRequest {
  readonly taught: TaughtSet;
  /** Number of words, 3 to 30. */
  readonly length: number;
  /** GPC ids the chain should meet as often as it can. */
  readonly focus: readonly string[];
  readonly contrasts: readonly Contrast[];
  /** First word, if the teacher wants one. */
  readonly start?: string;
  /** Words used lately: passed over where another will do. */
  readonly recent?: readonly string[];
  /** Words that may not appear at all (the school's own never-list). */
  readonly never?: readonly string[];
  /** Lets in words that not every school wants; words that are never suitable stay out. */
  readonly allowNotEverySchool?: boolean;
  /** Same seed, same answer. */
  readonly seed: number;
  /** How many different chains to return, 1 to 5. */
  readonly count?: number;
}
