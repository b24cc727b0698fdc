import { describe, expect, it } from "vitest";
import { GENERAL_AMERICAN, oralSet } from "../../core/index.ts";
import type { WordSet } from "../../server/sets/word-sets.ts";
import { contentOf, emptyPart, startingParts, wordsIn } from "./oral-set-state.ts";

describe("the sheet of ears-only work", () => {
  it("begins with a warm-up of four skills, five items each", () => {
    expect(startingParts(undefined).map(({ skill, count }) => `${skill} ${count}`)).toEqual([
      "rhyme-or-not 5",
      "first-sound 5",
      "blend-sounds 5",
      "change-beginning 5",
    ]);
  });

  it("what is saved opens as it was; what has no items yet is not saved", () => {
    const set = oralSet({ skill: "first-sound", count: 3, accent: GENERAL_AMERICAN, words: [], seed: 1 });
    if (!set.ok) throw new Error(set.reason.code);
    const parts = [{ ...emptyPart("first-sound", 3), items: set.items }, emptyPart("split-sounds")];
    const content = contentOf(parts);
    expect(content?.kind === "ears-only" && content.parts.map(({ skill }) => skill)).toEqual(["first-sound"]);
    expect(contentOf([emptyPart("split-sounds")])).toBeUndefined();
    const opened = startingParts({ content } as WordSet);
    expect(opened).toEqual([{ ...emptyPart("first-sound", 3), items: set.items }]);
  });

  it.each([
    ["cat hat", ["cat", "hat"]],
    ["Cat, HAT;\n mat.cat", ["cat", "hat", "mat"]],
    ["it's 4 c4t 🙂", []],
    ["", []],
    ["x".repeat(40), []],
  ])("today's words typed as %j", (typed, words) => {
    expect(wordsIn(typed)).toEqual(words);
  });
});
