/**
 * How a learner met the target: read it, built it from tiles, wrote it, chose it among others (pointed, filled in,
 * judged), or said the sound of a card.
 */
export const RESPONSE_MODES = ["read", "built", "wrote", "chose", "card"] as const;
export type ResponseMode = (typeof RESPONSE_MODES)[number];

export const OUTCOMES = ["right", "after-tapping", "self-corrected", "wrong", "no-attempt"] as const;

export type Outcome = (typeof OUTCOMES)[number];

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
  /** Only with "wrong"; empty when the teacher marked the word wrong and named no sound. */
  readonly substitutions: readonly Substitution[];
  /** Graphemes in order, one list an attempt; only of a word that was built. */
  readonly built?: readonly (readonly string[])[];
}
