import { describe, expect, it } from "vitest";
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
    expect(report.tokens.filter(({ judged }) => !judged.decodable).map(({ text }) => text)).toEqual(["rock"]);
    expect(report.decodable).toBe(7 / 8);
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
    expect(firstDecodableStep("cake", SHORT)).toBe(24);
    expect(firstDecodableStep("zzz", SHORT)).toBeUndefined();
  });
});
