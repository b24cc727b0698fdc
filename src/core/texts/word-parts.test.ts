import { describe, expect, it } from "vitest";
import { taughtAtStep } from "../../../tests/taught-at-step.ts";
import { WORD_PARTS } from "../../data/texts/word-parts.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { checkDecodable } from "../scope/decodable.ts";
import { PATTERNS } from "../scope/patterns.ts";
import { SEQUENCES } from "../scope/sequences.ts";
import type { TaughtSet } from "../scope/taught-set.ts";
import { checkText } from "./check-text.ts";
import { lettersOf, WORD_PART_IDS, wordPartSets } from "./word-parts.ts";

const lexicon = shippedLexicon();
const sequence = SEQUENCES.find(({ id }) => id === "phased");
if (!sequence) throw new Error("The phased order does not ship.");
const last = taughtAtStep(sequence, sequence.steps.length);
const everything: TaughtSet = { ...last, patterns: new Set(PATTERNS) };
const ALL = 500;

describe("endings and beginnings with a meaning", () => {
  it("are those of the patterns that put something on a word", () => {
    expect(WORD_PART_IDS).toEqual(PATTERNS.filter((id) => /^(suffix|prefix)-/.test(id)));
    expect(WORD_PART_IDS.map(lettersOf)).toEqual(WORD_PART_IDS.map((id) => id.slice(id.indexOf("-") + 1)));
  });

  it.each(WORD_PART_IDS)(
    "%s has sentences of listed words, none unsuitable, with the base and the word in them",
    (part) => {
      for (const { sentences } of WORD_PARTS[part])
        for (const text of sentences) {
          const { tokens } = checkText(text, everything, [], lexicon, {});
          const words = tokens.map(({ spelling }) => spelling);
          for (const { spelling, kind } of tokens) expect([spelling, kind]).not.toEqual([spelling, "kept-out"]);
          const letters = lettersOf(part);
          const isBeginning = part.startsWith("prefix");
          const pairs = words.filter((word) => {
            const bare = isBeginning ? word.slice(letters.length) : word.slice(0, -letters.length);
            const isMade = isBeginning ? word.startsWith(letters) : word.endsWith(letters);
            return (
              isMade && bare !== "" && words.some((base) => base !== word && base.slice(0, 2) === bare.slice(0, 2))
            );
          });
          expect(pairs.length, text).toBeGreaterThan(0);
        }
    },
  );

  it.each(WORD_PART_IDS)("%s has words that are decodable with and without it, each base once", (part) => {
    const sets = wordPartSets(part, { taught: everything }, ALL, ALL, lexicon);
    expect(sets.length).toBe(WORD_PARTS[part].length);
    for (const { items } of sets) {
      expect(new Set(items.map(({ base }) => base)).size).toBe(items.length);
      for (const { base, word } of items) {
        expect(checkDecodable(base, everything).decodable, base).toBe(true);
        expect(checkDecodable(word, everything).decodable, word).toBe(true);
        const letters = lettersOf(part);
        expect(part.startsWith("prefix") ? word.startsWith(letters) : word.endsWith(letters), word).toBe(true);
      }
    }
  });

  it("leave out words that only look so, or mean something else", () => {
    const found = (part: (typeof WORD_PART_IDS)[number]) =>
      wordPartSets(part, { taught: everything }, ALL, 0, lexicon).flatMap(({ items }) => items.map(({ word }) => word));
    for (const [part, words] of [
      ["suffix-er", ["better", "slater", "corner"]],
      ["suffix-ly", ["hardly", "lately", "barely"]],
      ["suffix-es", ["wives", "wolves"]],
      ["suffix-ed", ["founded", "sawed"]],
      ["suffix-ing", ["wanting", "needing"]],
    ] as const)
      for (const word of words) expect(found(part), word).not.toContain(word);
  });

  it("show nothing that the group cannot read, and nothing that the school keeps out", () => {
    for (const step of [10, 20, 30, sequence.steps.length]) {
      const taught = taughtAtStep(sequence, step);
      for (const part of WORD_PART_IDS)
        for (const { items, sentences } of wordPartSets(part, { taught, never: ["dogs"] }, ALL, ALL, lexicon)) {
          for (const { base, word } of items) {
            expect(taught.patterns.has(part), `${word} at ${step}`).toBe(true);
            expect([base, word]).not.toContain("dogs");
          }
          for (const text of sentences)
            expect(
              checkText(text, taught, [], lexicon, {}).tokens.filter(({ fits }) => !fits),
              text,
            ).toEqual([]);
        }
    }
  });
});
