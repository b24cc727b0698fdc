import type { Outcome } from "./outcomes.ts";

/** A unit of the target and the sound that was said for it. */
export interface Substitution {
  /** Index of the unit in the target's segmentation. */
  readonly unit: number;
  /** Phoneme ids said instead; empty when the unit was left out. */
  readonly said: readonly string[];
}

/** What was recorded, as it was recorded: never rewritten. */
export interface RawAnswer {
  readonly outcome: Outcome;
  /** Only with what was not right at first; empty when the teacher marked the word wrong and named no sound. */
  readonly substitutions: readonly Substitution[];
  /** Graphemes in order, one list an attempt; only of a word that was built. */
  readonly built?: readonly (readonly string[])[];
  /** What was said or written, as the teacher typed it. */
  readonly typed?: string;
}
