import { describe, expect, it } from "vitest";
import { lexiconIn } from "../lexicon/in-accent.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { GENERAL_AMERICAN, SOUTHERN_BRITISH } from "../sounds/accents.ts";
import { contextOf, takenFor, withoutContext } from "./dictation-context.ts";

const LEXICON = lexiconIn(shippedLexicon(), GENERAL_AMERICAN);

describe("a dictated word", () => {
  it.each([
    ["sea", "see"],
    ["see", "sea"],
    ["right", "write"],
    ["sun", "son"],
  ])("%s could be %s", (word, other) => {
    expect(takenFor(word, LEXICON)).toBe(other);
  });

  it.each(["ship", "cat", "wig", "rain", "colours", "cozy"])("%s could be no other that children know", (word) => {
    expect(takenFor(word, LEXICON)).toBeUndefined();
  });

  it("sounds like another only where it does at this school", () => {
    const british = lexiconIn(shippedLexicon(), SOUTHERN_BRITISH);
    expect(takenFor("saw", british)).toBeDefined();
    expect(takenFor("saw", LEXICON)).toBeUndefined();
  });

  it("is told apart by a sentence that holds it whole, with a capital too", () => {
    const content = { words: ["sea", "ship", "see"], sentences: ["The sea is wet."], contexts: [] };
    expect(withoutContext(content, LEXICON)).toEqual([{ word: "see", alike: "sea" }]);
    expect(withoutContext({ ...content, contexts: ["See me run!"] }, LEXICON)).toEqual([]);
    expect(contextOf("see", { sentences: ["I seek it."], contexts: ["We foresee it."] })).toBeUndefined();
    expect(contextOf("sea", content)).toBe("The sea is wet.");
  });
});
