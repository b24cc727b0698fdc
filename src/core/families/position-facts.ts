/** Where a spelling of a sound stands, counted in the word list's words of one syllable. */
export const POSITION_FACTS = [
  "only-at-the-start",
  "only-at-the-end",
  "never-at-the-end",
  "never-at-the-start",
  "after-one-vowel-letter",
  "before-e-i-y",
  "not-before-e-i-y",
  "over-a-consonant",
] as const;

export type PositionFact = (typeof POSITION_FACTS)[number];

/** In all but a few words, or in most. */
export const HOW_FAR = ["always", "mostly"] as const;

/** A fact and how far it goes: in all but a few words, or in most. */
export interface SpellingFact {
  readonly fact: PositionFact;
  readonly holds: (typeof HOW_FAR)[number];
}
