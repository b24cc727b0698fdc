import type { PositionFact, SpellingFact } from "../../core/light.ts";

const FACT: Readonly<Record<PositionFact, string>> = {
  "only-at-the-start": "at the start",
  "only-at-the-end": "at the end",
  "never-at-the-end": "not at the end",
  "never-at-the-start": "not at the start",
  "after-one-vowel-letter": "after one vowel letter",
  "before-e-i-y": "before e, i, y",
  "not-before-e-i-y": "not before e, i, y",
  "over-a-consonant": "around a consonant",
};

/** A fact about a spelling and in how many words it holds. */
export const factWords = ({ fact, holds }: SpellingFact): string =>
  holds === "mostly" ? `mostly ${FACT[fact]}` : FACT[fact];
