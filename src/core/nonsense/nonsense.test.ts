import { describe, expect, it } from "vitest";
import { taughtAtStep } from "../../../tests/taught-at-step.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { checkDecodable } from "../scope/decodable.ts";
import type { Sequence } from "../scope/sequence.ts";
import { SEQUENCES } from "../scope/sequences.ts";
import { taughtAt } from "../scope/taught-set.ts";
import { decodings } from "../spelling/decode/decode.ts";
import { phonemesOf } from "../spelling/segmentation.ts";
import { judgeNonsense } from "./judge-nonsense.ts";
import { makeNonsense, type NonsenseShape } from "./make-nonsense.ts";

const SHORT = SEQUENCES[0] as Sequence;
const lexicon = shippedLexicon();
const SHAPES: NonsenseShape[] = ["CVC", "CCVC", "CVCC", "CV", "VC"];

describe("makeNonsense", () => {
  it("over every step of both sequences: never a word, never sounding like one, decodable, read one way", () => {
    const sounds = new Set(
      lexicon.words.flatMap((entry) => entry.readings.map((reading) => phonemesOf(reading).join(" "))),
    );
    const never = new Set(lexicon.unsuitableWords);
    let made = 0;
    for (const sequence of SEQUENCES)
      for (let step = 3; step <= sequence.steps.length; step += 6) {
        const taught = taughtAtStep(sequence, step);
        for (const { word, reading } of makeNonsense({ taught, count: 20, seed: step, shapes: SHAPES })) {
          made++;
          expect(lexicon.get(word), word).toBeUndefined();
          expect(never.has(word), word).toBe(false);
          expect(sounds.has(phonemesOf(reading).join(" ")), word).toBe(false);
          expect(checkDecodable(reading, taught), word).toMatchObject({ decodable: true });
          expect(phonemesOf(decodings(word)[0] ?? reading).length, word).toBe(phonemesOf(reading).length);
          expect(word, "endings that English does not have").not.toMatch(/[vjq]$|[^aeiouc]c$|[aeiou]u$|[^aeiou][iu]$/);
        }
      }
    expect(made).toBeGreaterThan(250);
  });

  it("same seed, same words; another seed, others; never more than asked", () => {
    // A set of its own each time: nothing is remembered of the one before.
    const words = (seed: number) =>
      makeNonsense({ taught: taughtAt(SHORT, 13), count: 12, seed }).map(({ word }) => word);
    expect(words(4)).toEqual(words(4));
    expect(words(4)).not.toEqual(words(5));
    expect(words(4)).toHaveLength(12);
  });

  it("keeps to the focus, and names a longer word it is a syllable of", () => {
    const made = makeNonsense({ taught: taughtAtStep(SHORT, 13), count: 40, seed: 1, focus: ["sh=ʃ"] });
    expect(made.length).toBeGreaterThan(20);
    for (const { word } of made) expect(word).toContain("sh");
    for (const { word, syllableOf } of made) if (syllableOf) expect(syllableOf).toContain(word);
    expect(made.some(({ syllableOf }) => syllableOf)).toBe(true);
  });

  it.each([0, -3, Number.NaN])("asked for %s gives none", (count) => {
    expect(makeNonsense({ taught: taughtAtStep(SHORT, 13), count, seed: 1 })).toEqual([]);
  });

  it("gives what there is when little is taught", () => {
    expect(makeNonsense({ taught: taughtAtStep(SHORT, 0), count: 5, seed: 1 })).toEqual([]);
    expect(makeNonsense({ taught: taughtAtStep(SHORT, 1), count: 50, seed: 1 }).length).toBeLessThan(50);
  });
});

describe("a teacher's own nonsense word", () => {
  const taught = taughtAtStep(SHORT, 13);
  it.each([
    ["zet", { ok: true }],
    ["shet", { ok: false, code: "unsuitable" }],
    ["nig", { ok: false, code: "unsuitable" }],
    ["cat", { ok: false, code: "real-word" }],
    ["bredd", { ok: false }],
    ["zead", { ok: false }],
    ["zeed", { ok: false, code: "not-decodable" }],
    ["zzz", { ok: false, code: "unreadable" }],
  ])("%s", (word, verdict) => {
    expect(judgeNonsense(word, taught, lexicon)).toMatchObject(verdict);
  });
});
