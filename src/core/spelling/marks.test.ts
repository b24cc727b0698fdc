import { describe, expect, it } from "vitest";
import { segment } from "../lexicon/segment.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { gpcById } from "./gpc.ts";
import { marksOf } from "./marks.ts";
import type { Segmentation } from "./segmentation.ts";
import { SILENT_LETTERS } from "./silent-letters.ts";

const of = (word: string) => segment(word) as Segmentation;
const letters = (word: string, at: readonly number[]) => at.map((k) => word[k]).join("");

describe("marksOf", () => {
  it.each([
    ["ship", "s+h i p", "sh", "i short", ""],
    ["cake", "c a+e k", "", "ae long", "e"],
    ["knight", "k+n i+g+h t", "kn igh", "igh long", "kgh"],
    ["thumb", "t+h u m+b", "th mb", "u short", "b"],
    ["dance", "d a n c+e", "ce", "a short", "e"],
    ["half", "h a+l f", "al", "al short", "l"],
    ["car", "c a+r", "ar", "", ""],
  ])("%s: taps %s, joined %s, vowels %s, silent %s", (word, taps, joined, vowels, silent) => {
    const marks = marksOf(of(word));
    expect(marks.taps.map((tap) => [...letters(word, tap.letters)].join("+")).join(" ")).toBe(taps);
    expect(marks.joined.map((at) => letters(word, at)).join(" ")).toBe(joined);
    expect(marks.vowels.map((v) => `${letters(word, v.letters)} ${v.length}`).join(" ")).toBe(vowels);
    expect(letters(word, marks.silent)).toBe(silent);
  });

  it("a split digraph's mark is split; what is kept together is joined", () => {
    expect(marksOf(of("cake")).taps.map(({ kind }) => kind)).toEqual(["single", "split", "single"]);
    const together = { clustersTogether: true, vowelNasalTogether: true };
    expect(marksOf(of("stand"), together).taps.map(({ kind }) => kind)).toEqual(["joined", "joined", "single"]);
  });

  it("over the whole list every letter is under one tap, and no word is all silent", () => {
    for (const { word, readings } of shippedLexicon().words) {
      const { taps, silent } = marksOf(readings[0]);
      const covered = taps.flatMap((tap) => tap.letters).sort((a, b) => a - b);
      expect(covered).toEqual([...word].map((_, k) => k));
      expect(silent.length, word).toBeLessThan(word.length);
    }
  });

  it("the table of silent letters names correspondences of the table and letters they have", () => {
    expect(SILENT_LETTERS.size).toBeGreaterThan(50);
    for (const [id, at] of SILENT_LETTERS) {
      const gpc = gpcById(id);
      expect(gpc, id).toBeDefined();
      for (const k of at) expect(k, id).toBeLessThan(gpc?.grapheme.length ?? 0);
    }
  });
});
