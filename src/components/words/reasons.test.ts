import { describe, expect, it } from "vitest";
import { taughtAtStep } from "../../../tests/taught-at-step.ts";
import {
  checkDecodable,
  checkStep,
  judgeWord,
  planChain,
  SEQUENCES,
  type Segmentation,
  type Sequence,
  segment,
  tileCount,
} from "../../core/index.ts";
import { noChainWords } from "./chain-words.ts";
import { notTaughtWords, stepSentence, verdictWords } from "./reasons.ts";

const SHORT = SEQUENCES[0] as Sequence;

/** What a teacher reads: plain, short, the field's terms, what is wrong and where. */
describe("reasons in words", () => {
  it.each([
    ["cap", "cape", "a becomes a-e · middle"],
    ["cap", "clap", "l added · beginning"],
    ["hand", "had", "n taken away · end"],
    ["sail", "sale", "Look again: sounds the same; only the spelling differs"],
    ["cot", "kit", "Look again: a second grapheme has to change too: c becomes k"],
    ["cat", "dog", "Look again: 3 graphemes differ"],
    ["best", "bets", "Look again: s and t change places: two changes"],
  ])("%s → %s: %s", (from, to, says) => {
    expect(stepSentence(checkStep(from, to))).toBe(says);
  });

  it.each([
    ["duck", 10, "Not taught yet: ck"],
    ["stop", 8, "Not taught yet: two consonants together at the start"],
    ["go", 10, "Not taught yet: o said /oa/ as in boat"],
    ["cats", 10, "Not taught yet: the ending -s"],
    ["old", 19, "Not taught yet: o at the start of a word"],
  ])("%s at step %i: %s", (word, step, says) => {
    expect(notTaughtWords(checkDecodable(word, taughtAtStep(SHORT, step)).missing)).toBe(says);
  });

  it.each([
    ["", "Type a word."],
    ["cat dog", "One word at a time."],
    ["c4t", "Only the letters a to z: take out 4"],
    ["zzz", "Not in the word list. Check the spelling; names and abbreviations are left out."],
    ["pet", "Already in this chain."],
    ["pit", "Fits: e becomes i · middle"],
  ])("typing %j: %s", (typed, says) => {
    const gap = { taught: taughtAtStep(SHORT, 13), focus: [], contrasts: [], before: "pet", taken: ["pet"] };
    expect(verdictWords(judgeWord(typed, gap))).toBe(says);
  });

  it.each([
    [{ length: 500 }, /3 to 30 words/],
    [{ start: "cake" }, /cannot start with cake\. Not taught yet: a-e/],
    [{ focus: ["igh=aɪ"] }, /Not taught at this step: igh/],
  ])("%j: no chain, and what to do", (more, says) => {
    const request = { taught: taughtAtStep(SHORT, 8), length: 8, focus: [], contrasts: [], seed: 1, ...more };
    const answer = planChain(request, undefined, { relax: false });
    expect(Array.isArray(answer) ? "a chain" : noChainWords(answer.reason)).toMatch(says);
  });
});

describe("tiles for a chain", () => {
  it("are as many of each as the word that needs most, in order of first use", () => {
    const words = ["did", "dim", "dime"].map((word) => segment(word) as Segmentation);
    expect(tileCount(words)).toEqual([
      { grapheme: "d", count: 2 },
      { grapheme: "i", count: 1 },
      { grapheme: "m", count: 1 },
      { grapheme: "i-e", count: 1 },
    ]);
    expect(tileCount([])).toEqual([]);
  });
});
