import { describe, expect, it } from "vitest";
import { segment } from "../lexicon/segment.ts";
import type { Segmentation } from "../spelling/segmentation.ts";
import { classifyMarked } from "./classify.ts";
import { likelySounds } from "./likely-sounds.ts";
import type { Outcome } from "./outcomes.ts";

const target = (word: string) => segment(word) as Segmentation;
const results = (word: string, outcome: Outcome, substitutions: { unit: number; said: string[] }[] = []) =>
  classifyMarked(target(word), { outcome, substitutions }).units.map((unit) => unit.result);

describe("classifyMarked", () => {
  it.each([
    ["right", ["right", "right", "right"]],
    ["after-tapping", ["right", "right", "right"]],
    ["self-corrected", ["not-known", "not-known", "not-known"]],
    ["no-attempt", ["not-known", "not-known", "not-known"]],
    ["wrong", ["not-known", "not-known", "not-known"]],
  ] as const)("%s", (outcome, expected) => {
    expect(results("ship", outcome)).toEqual(expected);
  });

  it("blames the named units and counts the others as right", () => {
    expect(results("ship", "wrong", [{ unit: 0, said: ["tʃ"] }])).toEqual(["substitution", "right", "right"]);
    expect(results("stop", "wrong", [{ unit: 1, said: [] }])).toEqual(["right", "omission", "right", "right"]);
  });

  it("takes a sound of the same class as right: accent is no error", () => {
    expect(results("hot", "wrong", [{ unit: 1, said: ["ɔː"] }])).toEqual(["right", "right", "right"]);
  });
});

describe("likelySounds", () => {
  it.each([
    ["pine", 1, "ɪ", "the final e ignored"],
    ["bad", 0, "d", "the mirrored letter"],
    ["cent", 0, "k", "the letter's other sound"],
    ["ship", 0, "s", "the first letter read alone"],
    ["pet", 1, "ɪ", "the vowel next to it in the mouth"],
  ])("%s, unit %i: %s is among the first (%s)", (word, unit, sound) => {
    expect(likelySounds(target(word), unit).slice(0, 4)).toContain(sound);
  });

  it("never offers the unit's own sound, twice the same, or a vowel for a consonant", () => {
    for (const word of ["ship", "pine", "thing", "car", "queen"])
      target(word).units.forEach((unit, k) => {
        const sounds = likelySounds(target(word), k);
        expect(new Set(sounds).size).toBe(sounds.length);
        expect(sounds).not.toContain(unit.phonemes.at(-1));
      });
  });
});
