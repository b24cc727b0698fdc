import { describe, expect, it } from "vitest";
import { accentPhonemes, GENERAL_AMERICAN, ipa, soundsIn } from "../sounds/accents.ts";
import type { Sequence } from "./sequence.ts";
import { SEQUENCES } from "./sequences.ts";
import { taughtAt } from "./taught-set.ts";
import { checkText, firstDecodableStep } from "./text.ts";

const SHORT = SEQUENCES[0] as Sequence;

describe("checkText", () => {
  it("judges every word in its place, counts targets, knows words learnt whole", () => {
    const report = checkText("The ship — “the ship!” — hit a big rock.", taughtAt(SHORT, 10), ["sh=ʃ"]);
    expect(report.tokens.map(({ text }) => text)).toEqual(["The", "ship", "the", "ship", "hit", "a", "big", "rock"]);
    expect(report.targets).toBe(2);
    expect(report.tokens[0]?.judged.learntWhole).toBe(true);
    expect(report.tokens.filter(({ judged }) => !judged.decodable).map(({ text }) => text)).toEqual(["a", "rock"]);
    expect(report.decodable).toBe(6 / 8);
    expect(report.tokens[1]?.at).toBe(4);
  });

  it.each([
    ["", 1],
    ["123 !?", 1],
    ["🙂", 1],
  ])("%j has no words", (text, share) => {
    expect(checkText(text, taughtAt(SHORT, 5)).decodable).toBe(share);
  });

  it("says when a word first comes within reach", () => {
    expect(firstDecodableStep("sat", SHORT)).toBe(1);
    expect(firstDecodableStep("Ship", SHORT)).toBe(10);
    expect(firstDecodableStep("cake", SHORT)).toBe(20);
    expect(firstDecodableStep("zzz", SHORT)).toBeUndefined();
  });
});

describe("accents", () => {
  it("writes the same phonemes as each accent says them", () => {
    expect(ipa(["k", "ɑːr"])).toBe("/kɑr/");
    expect(ipa(["k", "ɑːr"], "southern-british")).toBe("/kɑː/");
    expect(ipa(["g", "oʊ"], "southern-british")).toBe("/gəʊ/");
    expect(
      ipa(accentPhonemes("bath", ["b", "æ", "θ"], { accent: "southern-british", mergers: [] }), "southern-british"),
    ).toBe("/bɑːθ/");
    expect(accentPhonemes("cat", ["k", "æ", "t"], { accent: "southern-british", mergers: [] })).toEqual([
      "k",
      "æ",
      "t",
    ]);
  });

  it.each([
    ["pin-pen", "p e n", "p ɪ n", "p e t", "p ɪ t"],
    ["th-as-f-and-v", "θ ɪ n", "f ɪ n", "θ ɪ n", "s ɪ n"],
    ["h-dropped", "h æ t", "æ t", "h æ t", "k æ t"],
    ["northern-u", "k ʌ p", "k ʊ p", "k ʌ p", "k ɒ p"],
  ] as const)("%s: %s and %s are one, %s and %s are not", (merger, a, b, c, d) => {
    const settings = { accent: "southern-british" as const, mergers: [merger] };
    const sounds = (text: string) => soundsIn(settings, text.split(" "));
    expect(sounds(a)).toBe(sounds(b));
    expect(sounds(c)).not.toBe(sounds(d));
    expect(soundsIn(GENERAL_AMERICAN, a.split(" "))).not.toBe(soundsIn(GENERAL_AMERICAN, b.split(" ")));
  });

  it("cot and caught are one in General American, three classes in Southern British", () => {
    const british = { accent: "southern-british" as const, mergers: [] };
    expect(soundsIn(GENERAL_AMERICAN, ["ɒ"])).toBe(soundsIn(GENERAL_AMERICAN, ["ɔː"]));
    expect(new Set(["ɒ", "ɔː", "ɑː"].map((id) => soundsIn(british, [id]))).size).toBe(3);
  });
});
