import { describe, expect, it } from "vitest";
import { checkStep } from "./step-check.ts";

describe("checkStep: one step", () => {
  it.each([
    ["cap", "cape", "change", "medial", "a", "a-e"],
    ["sip", "chip", "change", "initial", "s", "ch"],
    ["bun", "burn", "change", "medial", "u", "ur"],
    ["his", "hiss", "change", "final", "s", "ss"],
    ["sick", "sit", "change", "final", "ck", "t"],
    ["pine", "vine", "change", "initial", "p", "v"],
    ["cap", "clap", "add", "initial", undefined, "l"],
    ["hand", "had", "take-away", "final", "n", undefined],
    ["cat", "cats", "add", "final", undefined, "s"],
    ["hope", "hoped", "add", "final", undefined, "d"],
    ["walk", "work", "change", "medial", "al", "or"],
  ])("%s → %s: %s, %s, %s → %s", (from, to, kind, position, oldGrapheme, newGrapheme) => {
    const check = checkStep(from, to);
    expect(check).toMatchObject({ single: true, kind, position });
    if (!check.single) return;
    expect([check.oldUnit?.grapheme, check.newUnit?.grapheme]).toEqual([oldGrapheme, newGrapheme]);
  });

  it("names the slot inside a cluster", () => {
    expect(checkStep("clap", "crap")).toMatchObject({ single: false, reason: { code: "unknown-word" } });
    expect(checkStep("clap", "slap")).toMatchObject({ position: "initial", slotInCluster: 0 });
    expect(checkStep("clip", "crisp")).toMatchObject({ single: false });
    expect(checkStep("want", "wanted")).toMatchObject({ single: true, kind: "add", position: "final" });
    expect(checkStep("one", "once")).toMatchObject({ single: false, reason: { code: "unsplittable", word: "one" } });
    expect(checkStep("sting", "string")).toMatchObject({ kind: "add", slotInCluster: 2 });
  });

  it("tries the other reading of a spelling", () => {
    expect(checkStep("bread", "read")).toMatchObject({ single: true, kind: "take-away" });
  });
});

describe("checkStep: not one step, with the reason", () => {
  it.each([
    ["sail", "sale", { code: "same-sound-other-spelling" }],
    ["cot", "caught", { code: "same-sound-other-spelling" }],
    ["cot", "kit", { code: "neighbour-respelled", oldGrapheme: "c", newGrapheme: "k" }],
    ["sick", "sink", { code: "neighbour-respelled", oldGrapheme: "ck", newGrapheme: "k" }],
    ["rag", "rage", { code: "neighbour-sound-shifts", grapheme: "g" }],
    ["book", "boot", { code: "neighbour-sound-shifts", grapheme: "oo" }],
    ["cat", "dog", { code: "several-units", count: 3 }],
    ["best", "bets", { code: "swap-not-allowed", units: ["s", "t"] }],
    ["cat", "cat", { code: "same-word" }],
    ["cat", "zzz", { code: "unknown-word", word: "zzz" }],
    ["", "cat", { code: "unknown-word", word: "" }],
    ["🙂", "cat", { code: "unknown-word" }],
  ])("%s → %s", (from, to, reason) => {
    expect(checkStep(from, to)).toMatchObject({ single: false, reason });
  });

  it("allows a swap, or forbids an addition, when told to", () => {
    expect(checkStep("best", "bets", { moves: ["swap"] })).toMatchObject({ single: true, kind: "swap" });
    expect(checkStep("cap", "clap", { moves: ["change"] })).toMatchObject({
      reason: { code: "move-not-allowed", move: "add" },
    });
  });

  it("is the same both ways round", () => {
    const pairs = ["cap cape", "cap clap", "cot kit", "rag rage", "sail sale", "cat dog"].map((p) => p.split(" "));
    for (const [a = "", b = ""] of pairs) expect(checkStep(a, b).single).toBe(checkStep(b, a).single);
  });
});
