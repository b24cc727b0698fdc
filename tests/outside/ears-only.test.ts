import { describe, expect, it } from "vitest";
import { GENERAL_AMERICAN, type ORAL_SKILLS, type OralItem, oralSet } from "../../src/core/index.ts";
import { isVowelPhone, joinedUnits, listings, rawSteps } from "./raw-dictionary.ts";

/**
 * Ears-only items held against the CMU Pronouncing Dictionary (npm `cmu-pronouncing-dictionary`) as it stands: none
 * of our segmenter, sounds or checks in here.
 */
const SEEDS = 12;

const made = (skill: (typeof ORAL_SKILLS)[number]): OralItem[] =>
  Array.from({ length: SEEDS }, (_, seed) => oralSet({ skill, count: 8, accent: GENERAL_AMERICAN, words: [], seed }))
    .flatMap((set) => (set.ok ? set.items : []))
    .filter((item, k, all) => all.findIndex(({ key }) => key === item.key) === k);

/** The sounds of a word by any of its listings, from its first vowel on. */
const rimes = (word: string) =>
  listings(word).map((phones) => joinedUnits(phones.slice(phones.findIndex(isVowelPhone))).join(" "));
const rhyme = (a: string, b: string) => rimes(a).some((rime) => rimes(b).includes(rime));

describe("ears-only items by raw dictionary phones", () => {
  it("yes and no are right, and every rhyme given as an answer is one", () => {
    for (const item of made("rhyme-or-not"))
      if (item.kind === "rhyme-or-not") expect(rhyme(item.first.text, item.second.text), item.key).toBe(item.answer);
    for (const item of made("say-a-rhyme"))
      if (item.kind === "say-a-rhyme")
        for (const answer of item.answers)
          expect(rhyme(item.first.text, answer.text), `${item.key} ${answer.text}`).toBe(true);
  });

  it.each([
    ["add-beginning", "add", "initial"],
    ["add-end", "add", "final"],
    ["take-beginning", "take-away", "initial"],
    ["take-end", "take-away", "final"],
    ["change-beginning", "change", "initial"],
    ["change-middle", "change", "medial"],
    ["change-end", "change", "final"],
  ] as const)("%s: exactly one sound, and there", (skill, kind, position) => {
    const all = made(skill);
    expect(all.length).toBeGreaterThanOrEqual(30);
    for (const item of all) {
      if (item.kind !== "add" && item.kind !== "take" && item.kind !== "change") throw new Error(item.key);
      if (!item.answer.isWord) continue;
      const steps = rawSteps(item.first.text, item.answer.text);
      expect(
        steps.some((step) => step.kind === kind && step.position === position),
        item.key,
      ).toBe(true);
    }
  });

  it("one of a cluster: one sound less, beside another consonant", () => {
    const all = made("take-from-cluster");
    expect(all.length).toBeGreaterThanOrEqual(30);
    for (const item of all)
      if (item.kind === "take" && item.answer.isWord) {
        expect(
          rawSteps(item.first.text, item.answer.text).some(({ kind }) => kind === "take-away"),
          item.key,
        ).toBe(true);
        const clustered = listings(item.first.text).some((phones) =>
          phones.some((phone, k) => k > 0 && !isVowelPhone(phone) && !isVowelPhone(phones[k - 1] as string)),
        );
        expect(clustered, item.key).toBe(true);
      }
  });

  it("a word has as many sounds as it is split into or blended from, and two parts where it is two", () => {
    for (const skill of ["blend-sounds", "split-sounds"] as const)
      for (const item of made(skill)) {
        const [word, count] =
          item.kind === "blend"
            ? [item.answer.text, item.parts.length]
            : item.kind === "split"
              ? [item.first.text, item.answers.length]
              : ["", 0];
        expect(
          listings(word).map((phones) => phones.length),
          word,
        ).toContain(count);
      }
    for (const item of made("split-onset-rime"))
      if (item.kind === "split") {
        const before = listings(item.first.text).map((phones) => phones.findIndex(isVowelPhone));
        expect(before, item.key).toContain(item.answers[0]?.sounds.length);
      }
  });
});
