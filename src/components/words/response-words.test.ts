import { describe, expect, it } from "vitest";
import type { RawAnswer } from "../../core/light.ts";
import { answerWords } from "./response-words.ts";

const answer = (more: Partial<RawAnswer>): RawAnswer => ({ outcome: "wrong", substitutions: [], ...more });

describe("what was answered, in a few words", () => {
  it.each<[string, Partial<RawAnswer>]>([
    ["right after tapping", { outcome: "after-tapping" }],
    ["said by all together", { outcome: "together" }],
    ["wrong", {}],
    ["wrong, short i", { substitutions: [{ unit: 1, said: ["ɪ"] }] }],
    [
      "wrong, short i, left out",
      {
        substitutions: [
          { unit: 1, said: ["ɪ"] },
          { unit: 2, said: [] },
        ],
      },
    ],
    ["wrong, “chip”", { typed: "chip" }],
    [
      "put right without help, a·t, then c·a·t",
      {
        outcome: "self-corrected",
        built: [
          ["a", "t"],
          ["c", "a", "t"],
        ],
      },
    ],
    // The two letters of a split digraph are one tile.
    ["wrong, c·a-e·k", { built: [["c", "a-e", "k"]] }],
  ])("%s", (words, more) => {
    expect(answerWords(answer(more))).toBe(words);
  });
});
