import { describe, expect, it } from "vitest";
import { taughtAtStep } from "../../../tests/taught-at-step.ts";
import { type ChainRequest, planChain, SEQUENCES, type Sequence } from "../../core/index.ts";
import type { NoChainReason, RelaxationKind, WordFlag } from "../../core/light.ts";
import { aimsWords, flagWords, noChainWords, relaxationWords } from "./chain-words.ts";

const SHORT = SEQUENCES[0] as Sequence;

describe("why there is no chain", () => {
  it.each<[NoChainReason, string]>([
    [
      { code: "word-alone", as: "start", word: "ago" },
      "No word that may be used is one change away from ago. Choose another word instead of it.",
    ],
    [
      { code: "too-many-named", named: 6, most: 4 },
      "6 words are named, and there is room for 4. Make the chain longer, or name fewer.",
    ],
    [{ code: "named-twice", word: "cat" }, "cat is named for two places. A chain has every word once."],
    [{ code: "no-moves" }, "No move is allowed. Let graphemes change, be added or be taken away."],
    [{ code: "no-tiles" }, "The box is empty. Write what tiles it has, or leave the count out."],
    [
      { code: "locked-too-far", from: "hop", to: "mud", steps: 1 },
      "hop and mud stand 1 step apart in the chain, and no way is that short.",
    ],
    [
      { code: "locked-too-far", from: "hop", to: "mud", steps: 2 },
      "hop and mud stand 2 steps apart in the chain, and no way is that short.",
    ],
    [{ code: "no-chain-of-length", longest: 1 }, "No chain can be made as it is asked for."],
    [{ code: "no-chain-of-length", longest: 5 }, "The longest chain found has 5 words."],
    [
      { code: "power-out-of-reach", best: 0.614, words: 30 },
      "No chain of up to 30 words shows the substitution that surely. The best reaches 61 in 100.",
    ],
  ])("%j", (reason, says) => {
    expect(noChainWords(reason)).toBe(says);
  });
});

describe("what would give one", () => {
  it.each<[RelaxationKind, string]>([
    [{ code: "shorter", length: 6 }, "6 words instead"],
    [{ code: "allow-move", move: "change" }, "Let a grapheme change"],
    [{ code: "allow-move", move: "add" }, "Let a grapheme be added"],
    [{ code: "allow-move", move: "take-away" }, "Let a grapheme be taken away"],
    [{ code: "drop-start", word: "cat" }, "Start with another word than cat"],
    [{ code: "drop-must-include", word: "cat" }, "Leave cat out"],
    [{ code: "drop-aim", gpc: "a-e=eɪ" }, "Take a-e out of the aim"],
    [{ code: "teach-gpc", gpc: "ck=k" }, "Teach ck as in duck first"],
    [{ code: "teach-pattern", pattern: "suffix-s" }, "Teach the ending -s first"],
    [{ code: "more-of-a-tile", tile: "t", count: 2 }, "Add a tile: t"],
    [{ code: "lower-power", atLeast: 0.8 }, "Settle for 80 in 100"],
  ])("%j: %s", (relaxation, says) => {
    expect(relaxationWords(relaxation)).toBe(says);
  });

  it("an aim that shares its letters with another is named by an example word", () => {
    const focus = ["ea=iː", "ea=e", "sh=ʃ"];
    const taken = focus.map((gpc) => relaxationWords({ code: "drop-aim", gpc }, focus));
    expect(taken).toEqual([
      "Take ea as in sea out of the aim",
      "Take ea as in head out of the aim",
      "Take sh out of the aim",
    ]);
    expect(noChainWords({ code: "aim-out-of-reach", aims: ["ea=e"] }, focus)).toContain("hold ea as in head:");
    expect(noChainWords({ code: "aim-not-taught", gpcs: ["ea=e"] }, focus)).toContain("this step: ea as in head.");
  });

  it.each<Partial<ChainRequest>>([
    { positions: "only-the-vowel", length: 8 },
    { mustInclude: ["cake"] },
    { start: "quiz", end: "mud", length: 3 },
    { moves: ["add"], length: 6 },
    { tiles: { a: 1, t: 1, p: 1 }, length: 8 },
    { focus: ["igh=aɪ"] },
    { fixed: ["ship", "mud"], length: 5 },
  ])("what the planner offers for %j is said in whole words, no two alike", (more) => {
    const answer = planChain({
      taught: taughtAtStep(SHORT, 13),
      length: 8,
      focus: [],
      contrasts: [],
      seed: 1,
      ...more,
    });
    if (Array.isArray(answer)) throw new Error("a chain after all");
    const said = answer.relaxations.map(({ relaxation }) => relaxationWords(relaxation));
    expect(said.length).toBeGreaterThan(0);
    expect(new Set(said).size).toBe(said.length);
    for (const text of [...said, noChainWords(answer.reason)]) expect(text).not.toMatch(/undefined|NaN|=|\[object/);
  });
});

it.each<[WordFlag, string]>([
  [{ code: "sounds-like", words: ["see", "sea", "cee", "si"] }, "sounds like see, sea, cee"],
  [{ code: "near-pair", other: "hat" }, "next to hat"],
  [{ code: "odd-part", grapheme: "ai" }, "point out ai"],
  [{ code: "nonsense" }, "nonsense word"],
])("to know of a word, %j: %s", (flag, says) => {
  expect(flagWords(flag)).toBe(says);
});

describe("what a chain's words are counted for", () => {
  const aims = ["sh=ʃ", "ch=tʃ"];

  it("names the aims, and those that no word has beside others that some have", () => {
    expect(aimsWords(aims, [])).toBe("with sh, ch");
    expect(aimsWords(aims, ["ch=tʃ"])).toBe("with sh, ch; none with ch");
  });

  it("tells aims of the same letters apart by an example", () => {
    expect(aimsWords(["ea=iː", "ea=e", "sh=ʃ"], ["ea=e"])).toMatch(
      /^with ea as in \w+, ea as in \w+, sh; none with ea as in \w+$/,
    );
  });

  it("does not say twice that no word has any", () => {
    expect(aimsWords(aims, aims)).toBe("with sh, ch");
    expect(aimsWords(["sh=ʃ"], ["sh=ʃ"])).toBe("with sh");
  });
});
