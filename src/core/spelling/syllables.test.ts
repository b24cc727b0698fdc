import { describe, expect, it } from "vitest";
import { inflectionOf } from "../lexicon/inflection.ts";
import { segment } from "../lexicon/segment.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { countWord } from "./counts.ts";
import type { Segmentation } from "./segmentation.ts";
import { syllablesOf } from "./syllables.ts";
import { tapsOf } from "./taps.ts";

const of = (word: string) => segment(word) as Segmentation;
const split = (word: string) => syllablesOf(of(word)).map(({ text }) => text);

describe("syllablesOf", () => {
  it.each([
    ["rabbit", "rab·bit", "closed closed"],
    ["cabin", "cab·in", "closed closed"],
    ["robot", "ro·bot", "open closed"],
    ["table", "ta·ble", "open consonant-le"],
    ["little", "lit·tle", "closed consonant-le"],
    ["secret", "se·cret", "open closed"],
    ["monster", "mon·ster", "closed r-controlled"],
    ["reptile", "rep·tile", "closed vowel-consonant-e"],
    ["hideout", "hide·out", "vowel-consonant-e vowel-team"],
    ["explain", "ex·plain", "closed vowel-team"],
    ["wanted", "want·ed", "closed closed"],
    ["jacket", "jack·et", "closed closed"],
    ["baby", "ba·by", "open open"],
    ["begin", "be·gin", "open closed"],
    ["between", "be·tween", "open vowel-team"],
    ["behalf", "be·half", "open closed"],
    ["mission", "mis·sion", "closed closed"],
    ["vision", "vi·sion", "open closed"],
    ["castle", "cas·tle", "closed consonant-le"],
    ["tickle", "tick·le", "closed consonant-le"],
    ["listen", "lis·ten", "closed closed"],
    ["cupboard", "cup·board", "closed r-controlled"],
    ["apply", "ap·ply", "closed open"],
    ["fooling", "fool·ing", "vowel-team closed"],
    ["climber", "climb·er", "closed r-controlled"],
    ["ship", "ship", "closed"],
    ["cake", "cake", "vowel-consonant-e"],
    ["car", "car", "r-controlled"],
  ])("%s is %s (%s)", (word, parts, types) => {
    expect(split(word).join("·")).toBe(parts);
    expect(
      syllablesOf(of(word))
        .map(({ type }) => type)
        .join(" "),
    ).toBe(types);
  });

  it("over the whole list: texts join to the word, every unit is in one syllable, one vowel each", () => {
    const wrong: string[] = [];
    let closed = 0;
    let all = 0;
    for (const entry of shippedLexicon().words)
      for (const reading of entry.readings) {
        const syllables = syllablesOf(reading);
        const indices = syllables.flatMap(({ units }) => units);
        if (syllables.map(({ text }) => text).join("") !== entry.word) wrong.push(entry.word);
        if (indices.join() !== reading.units.map((_, k) => k).join()) wrong.push(entry.word);
        if (reading !== entry.readings[0]) continue;
        for (const { type } of syllables) {
          all++;
          if (type === "closed") closed++;
        }
      }
    expect(wrong).toEqual([]);
    // Common practice, no source: close to half of English syllables are closed.
    expect(closed / all).toBeGreaterThan(0.42);
    expect(closed / all).toBeLessThan(0.58);
  });
});

describe("letters, graphemes, phonemes and taps are four numbers", () => {
  it.each([
    ["stand", false, false, 5],
    ["stand", true, false, 3],
    ["stand", false, true, 4],
    ["stand", true, true, 3],
    ["bank", false, true, 2],
    ["ring", false, true, 2],
    ["ball", false, true, 2],
    ["ship", false, false, 3],
    ["strap", true, false, 3],
    ["mine", false, true, 3],
  ])(
    "%s, clusters together %s, vowel+nasal together %s: %i taps",
    (word, clustersTogether, vowelNasalTogether, taps) => {
      const settings = { clustersTogether, vowelNasalTogether };
      expect(tapsOf(of(word), settings)).toHaveLength(taps);
      expect(tapsOf(of(word), settings).flat()).toEqual(of(word).units.map((_, k) => k));
    },
  );

  it("counts each", () => {
    expect(countWord(of("chain"))).toEqual({ letters: 5, graphemes: 3, phonemes: 3, taps: 3 });
    expect(countWord(of("box"))).toEqual({ letters: 3, graphemes: 3, phonemes: 4, taps: 3 });
    expect(countWord(of("cake"))).toEqual({ letters: 4, graphemes: 3, phonemes: 3, taps: 3 });
  });
});

describe("inflections", () => {
  it.each([
    ["grins", "grin", "s"],
    ["dogs", "dog", "s"],
    ["tries", "try", "s"],
    ["boxes", "box", "es"],
    ["hopped", "hop", "ed"],
    ["hoped", "hope", "ed"],
    ["wanted", "want", "ed"],
    ["running", "run", "ing"],
    ["making", "make", "ing"],
  ])("%s is %s with -%s", (word, base, ending) => {
    expect(inflectionOf(word, shippedLexicon())).toEqual({ base, ending });
  });
  it.each(["his", "bus", "its", "bless", "feed", "bed", "king", "thing", "hundred", "lens"])(
    "%s is no inflection",
    (word) => {
      expect(inflectionOf(word, shippedLexicon())).toBeUndefined();
    },
  );
  it("a compound knows its seam", () => {
    expect(of("hideout").seam).toBe(4);
    expect(of("chopstick").seam).toBe(4);
    expect(of("carpet").seam).toBeUndefined();
  });
});
