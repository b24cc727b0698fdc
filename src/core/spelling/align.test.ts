import { describe, expect, it } from "vitest";
import { align, cmuPhones } from "./align.ts";
import { GPCS, parseGpcLines } from "./gpc.ts";
import { graphemesOf } from "./segmentation.ts";

/** Word, CMU listing, graphemes: the conventions of docs/model.md, one case a line. */
const CASES: readonly [word: string, listing: string, graphemes: string, why: string][] = [
  ["ship", "SH IH1 P", "sh·i·p", "digraph"],
  ["quick", "K W IH1 K", "qu·i·ck", "qu is one grapheme, ck another"],
  ["box", "B AA1 K S", "b·o·x", "x spells two sounds"],
  ["sink", "S IH1 NG K", "s·i·n·k", "nk is n and k"],
  ["ring", "R IH1 NG", "r·i·ng", "ng is one grapheme"],
  ["cake", "K EY1 K", "c·a-e·k", "split digraph"],
  ["lace", "L EY1 S", "l·a-e·c", "soft c stands between"],
  ["cage", "K EY1 JH", "c·a-e·g", "soft g stands between"],
  ["stove", "S T OW1 V", "s·t·o-e·v", "v stands between"],
  ["rose", "R OW1 Z", "r·o-e·s", "s stands between"],
  ["taste", "T EY1 S T", "t·a-e·s·t", "reaches over st"],
  ["range", "R EY1 N JH", "r·a·n·ge", "does not reach over soft g in a cluster"],
  ["give", "G IH1 V", "g·i·ve", "e marks nothing in the vowel"],
  ["mouse", "M AW1 S", "m·ou·se", "e marks nothing in the vowel"],
  ["fence", "F EH1 N S", "f·e·n·ce", "e belongs to the c"],
  ["nurse", "N ER1 S", "n·ur·se", "e belongs to the s"],
  ["hoped", "HH OW1 P T", "h·o·p·ed", "past tense is one grapheme"],
  ["cried", "K R AY1 D", "c·r·ie·d", "after a vowel letter the e is the vowel's"],
  ["thumb", "TH AH1 M", "th·u·mb", "silent letter joins its neighbour"],
  ["doubt", "D AW1 T", "d·ou·bt", "silent letter joins its neighbour"],
  ["chalk", "CH AO1 K", "ch·al·k", "silent l joins the vowel"],
  ["knee", "N IY1", "kn·ee", "kn"],
  ["burn", "B ER1 N", "b·ur·n", "vowel and r are one grapheme"],
  ["poor", "P UH1 R", "p·oor", "vowel and r are one grapheme, not oo and r"],
  ["said", "S EH1 D", "s·ai·d", "odd part"],
  ["makes", "M EY1 K S", "m·a-e·k·s", "ending after a split digraph"],
];

describe("align", () => {
  it.each(CASES)("%s /%s/ is %s: %s", (word, listing, graphemes) => {
    const [best] = align(word, cmuPhones(listing));
    expect(best && graphemesOf(best).join("·")).toBe(graphemes);
  });

  it("uses every letter exactly once, split digraphs included", () => {
    for (const [word, listing] of CASES) {
      const [best] = align(word, cmuPhones(listing));
      const letters = best?.units.flatMap((unit) => unit.letters).sort((a, b) => a - b);
      expect(letters, word).toEqual([...word].map((_, k) => k));
    }
  });

  it("marks the odd part and only that", () => {
    const [said] = align("said", cmuPhones("S EH1 D"));
    expect(said?.units.map((unit) => unit.commonness >= 4)).toEqual([false, true, false]);
  });

  it("gives nothing when letters and sounds cannot be matched", () => {
    expect(align("one", cmuPhones("W AH1 N"))).toEqual([]);
    expect(align("", [])).toEqual([{ word: "", units: [], cost: 0 }]);
  });
});

describe("the GPC table", () => {
  it("is read whole, and every example word holds the grapheme's letters", () => {
    expect(GPCS.length).toBeGreaterThan(300);
    for (const { head, tail, examples, id } of GPCS)
      for (const example of examples) {
        expect(example, `${id} in ${example}`).toContain(head);
        if (tail) expect(example.slice(example.indexOf(head) + head.length), `${id} in ${example}`).toContain(tail);
      }
  });

  it.each([
    ["sh ʃ", "too few columns"],
    ["sh ʃ 9 any ship", "no such commonness"],
    ["sh ʃ 1 any ship\nsh ʃ 2 any fish", "a line twice"],
  ])("refuses %j: %s", (text) => {
    expect(() => parseGpcLines(text)).toThrow(/GPC table/);
  });
});
