import { describe, expect, it } from "vitest";
import { taughtAtStep } from "../../../tests/taught-at-step.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { checkDecodable } from "../scope/decodable.ts";
import type { Sequence } from "../scope/sequence.ts";
import { sequenceById } from "../scope/sequences.ts";
import { describeChain } from "./describe.ts";
import { judgeChain } from "./judge-chain.ts";
import { judgeWord } from "./judge-word.ts";
import { neighbours, wordsForGap } from "./neighbours.ts";
import { checkPhonemeStep } from "./oral-step.ts";
import { readWordList } from "./paste.ts";
import { checkStep } from "./step-check.ts";

const SHORT = sequenceById("short-vowels-first") as Sequence;
const taught = taughtAtStep(SHORT, 13);
const lexicon = shippedLexicon();
const gap = { taught, focus: [], contrasts: [], leastFamiliar: 4 as const };

describe("words for a gap", () => {
  it("fit both sides, and agree with checking every word", () => {
    const offered = wordsForGap({ ...gap, before: "pet", after: "pin", taken: [] }).filter(
      (n) => n.missing.length === 0,
    );
    expect(offered.map((n) => n.word).sort()).toEqual(["pen", "pit"]);
    const all = neighbours("pet", gap)
      .map((n) => n.word)
      .sort();
    const slow = lexicon.words
      .filter(
        (e) =>
          e.suitability === "suitable" && checkDecodable(e.word, taught).decodable && checkStep("pet", e.word).single,
      )
      .map((e) => e.word)
      .sort();
    expect(all).toEqual(slow);
  });

  it("says what keeps the next ones out", () => {
    const early = taughtAtStep(SHORT, 10);
    const soon = wordsForGap({ ...gap, taught: early, before: "pet" }).filter((n) => n.missing.length > 0);
    expect(soon.length).toBeGreaterThan(0);
    expect(soon.length).toBeLessThanOrEqual(3);
    for (const { word, missing } of soon)
      expect(missing, word).toEqual(checkDecodable(word, early).missing.slice(0, 1));
  });

  it("only by the moves allowed, seen from either side", () => {
    const added = wordsForGap({ ...gap, before: "at", moves: ["add"] });
    expect(added.length).toBeGreaterThan(3);
    for (const { kind, word } of added) expect([kind, word.length > 2]).toEqual(["add", true]);
    // Before `hat` a word that becomes it by adding: the shorter one.
    expect(wordsForGap({ ...gap, after: "hat", moves: ["add"] }).map(({ word }) => word)).toEqual(["at"]);
  });

  it("beside a nonsense word too, and by sound alone for ears-only", () => {
    expect(neighbours("zet", gap).map(({ word }) => word)).toEqual(expect.arrayContaining(["pet", "set", "wet"]));
    const heard = neighbours("cot", { ...gap, mode: "ears-only" }).map(({ word }) => word);
    expect(heard).toContain("cat");
    expect(heard.some((word) => !checkStep("cot", word).single)).toBe(true);
  });
});

describe("judging a typed word", () => {
  const before = { ...gap, before: "pet", taken: ["pet"] };
  it.each([
    ["PIT ", { ok: true }],
    ["", { ok: false, fault: { code: "empty" } }],
    ["a".repeat(5000), { ok: false, fault: { code: "too-long" } }],
    ["pe7", { ok: false, fault: { code: "not-letters", characters: "7" } }],
    ["🙂", { ok: false, fault: { code: "not-letters" } }],
    ["pet set", { ok: false, fault: { code: "several-words" } }],
    ["qwx", { ok: false, refusal: { code: "not-in-list" } }],
    ["one", { ok: false, refusal: { code: "unsplittable" } }],
    ["shit", { ok: false, refusal: { code: "unsuitable", level: "never" } }],
    ["gun", { ok: false, refusal: { code: "unsuitable", level: "weapons-and-fighting" } }],
    ["peach", { ok: false, refusal: { code: "not-decodable" } }],
    ["pet", { ok: false, repeated: true }],
    ["dog", { ok: false, stepBefore: { single: false } }],
    ["kat", { ok: false, soundsLike: ["cat"], nonsense: { ok: false, code: "real-word" } }],
    ["zet", { ok: false, refusal: { code: "not-in-list" }, nonsense: { ok: true } }],
  ])("%j", (typed, expected) => {
    expect(judgeWord(typed, before)).toMatchObject(expected);
  });

  it("nonsense is let in when the chain may have some, and held to the same screens", () => {
    expect(judgeWord("zet", { ...before, allowNonsense: true })).toMatchObject({
      ok: true,
      stepBefore: { single: true },
    });
    expect(judgeWord("shet", { ...before, allowNonsense: true })).toMatchObject({ ok: false });
    expect(judgeWord("kat", { ...before, allowNonsense: true })).toMatchObject({ ok: false });
  });

  it("offers the few words that mend a step of several changes", () => {
    const verdict = judgeWord("dog", before);
    const bridge = "bridgeBefore" in verdict ? (verdict.bridgeBefore ?? []) : [];
    const way = ["pet", ...bridge, "dog"];
    expect(bridge.length).toBeGreaterThan(0);
    for (let k = 1; k < way.length; k++) expect(checkStep(way[k - 1] as string, way[k] as string).single).toBe(true);
  });

  it("knows what is not in the box", () => {
    expect(judgeWord("pit", { ...before, tiles: { p: 1, t: 1 } })).toMatchObject({ ok: false, tilesMissing: true });
  });
});

describe("a list from anywhere", () => {
  it.each([
    ["ship, shop\nchop", ["ship", "shop", "chop"]],
    ["1. Ship  2. Shop", ["ship", "shop"]],
    ["ship → shop -> chop", ["ship", "shop", "chop"]],
    ["• ship\n• shop.", ["ship", "shop"]],
    ["ship | shop | SHIP", ["ship", "shop"]],
  ])("%j", (text, words) => {
    expect(readWordList(text)).toMatchObject({ ok: true, words });
  });

  it("says what it left out, and refuses what is no chain", () => {
    expect(readWordList("ship, don't, naïve, ship")).toMatchObject({
      words: ["ship"],
      leftOut: [
        { text: "don't", code: "not-letters" },
        { text: "naïve", code: "not-letters" },
        { text: "ship", code: "twice" },
      ],
    });
    expect(readWordList("  \n ")).toEqual({ ok: false, code: "empty" });
    expect(readWordList("word ".repeat(2000))).toEqual({ ok: false, code: "too-many-words", words: 2000, most: 60 });
  });

  it("judges every word and every step of it", () => {
    const verdicts = judgeChain(["ship", "shop", "mop", "cake", "zzz"], gap);
    expect(verdicts.map(({ ok }) => ok)).toEqual([true, true, true, false, false]);
    expect(verdicts[3]).toMatchObject({ refusal: { code: "not-decodable" }, stepBefore: { single: false } });
    const prose = judgeChain(
      "the dog ran to the big red ship".split(" ").filter((w, k, all) => all.indexOf(w) === k),
      gap,
    );
    expect(prose.filter(({ ok }) => !ok).length).toBeGreaterThan(4);
  });
});

describe("what is to know of a chain", () => {
  it("flags sound-alikes, near pairs, odd parts, two readings and nonsense", () => {
    const { flags } = describeChain(["sail", "sails", "said", "wind", "zet"], {
      focus: [],
      contrasts: [],
      recent: ["sail"],
    });
    expect(flags.map((list) => list.map(({ code }) => code))).toEqual([
      ["sounds-like", "near-pair", "used-lately"],
      expect.arrayContaining(["near-pair"]),
      ["odd-part"],
      ["two-readings"],
      ["nonsense"],
    ]);
  });

  it("says whether the ends meet, and how surely the weakest contrast would show", () => {
    const aim = {
      focus: [],
      contrasts: [
        { a: "i=ɪ", b: "e=e" },
        { a: "a=æ", b: "u=ʌ" },
      ],
    };
    const report = describeChain(["pit", "pet", "pat", "pit"].slice(0, 3), aim);
    expect(report.closing?.single).toBe(true);
    expect(report.contrasts.map(({ chances }) => chances)).toEqual([2, 1]);
    expect(report.power).toBe(0);
    const vowels = { ...aim, contrasts: [aim.contrasts[0] as never], powerShare: 1 };
    expect(describeChain(["pit", "pet"], vowels).power).toBe(0);
    const more = describeChain(["pit", "pet", "pen", "pin", "bin", "bit"], vowels);
    expect(more.contrasts[0]).toMatchObject({ chancesOf: { a: 4, b: 2 }, power: 1, oneWayPower: 0 });
  });
});

describe("one step by ear", () => {
  it.each([
    ["cot", "kit", true],
    ["sail", "sale", false],
    ["back", "bake", true],
    ["able", "bill", false],
    ["cat", "dog", false],
    ["zzz", "cat", false],
  ])("%s → %s: %s", (from, to, single) => {
    expect(checkPhonemeStep(from, to).single).toBe(single);
  });
});

describe("what a school keeps together", () => {
  it("one grapheme changes all the same, and the tile that changes is named", () => {
    const taps = { clustersTogether: true, vowelNasalTogether: true };
    expect(checkStep("pan", "pam", { taps })).toMatchObject({ single: true, keptTogether: { old: "an", new: "am" } });
    expect(checkStep("stop", "slop", { taps })).toMatchObject({ single: true, keptTogether: { old: "st", new: "sl" } });
    expect(checkStep("pat", "pit", { taps })).not.toHaveProperty("keptTogether");
  });
});
