import { describe, expect, it } from "vitest";
import { taughtAtStep } from "../../../tests/taught-at-step.ts";
import { SENTENCE_FRAMES } from "../../data/texts/sentence-frames.ts";
import { NO_PLURAL, NOUNS, VERBS } from "../../data/texts/sentence-words.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import type { Sequence } from "../scope/sequence.ts";
import { sequenceById } from "../scope/sequences.ts";
import { checkText } from "./check-text.ts";
import { makeSentences } from "./make-sentences.ts";
import { pluralOf, presentParticipleOf, thirdPersonOf } from "./sentence-forms.ts";

const SHORT = sequenceById("short-vowels-first") as Sequence;

describe("makeSentences", () => {
  it("the same seed gives the same sentences, another seed others; no two are alike", () => {
    const request = { taught: taughtAtStep(SHORT, 20), count: 40, seed: 3 };
    const made = makeSentences(request).map(({ text }) => text);
    expect(makeSentences(request).map(({ text }) => text)).toEqual(made);
    expect(makeSentences({ ...request, seed: 4 }).map(({ text }) => text)).not.toEqual(made);
    expect(new Set(made).size).toBe(40);
  });

  it("are ranked for what is looked for, and vary in their words and frames", () => {
    const targets = [{ by: "gpc", gpc: "sh=ʃ" }] as const;
    const made = makeSentences({ taught: taughtAtStep(SHORT, 20), count: 20, seed: 1, targets });
    for (const { text, hits, targets } of made) {
      expect(hits).toBeGreaterThan(0);
      expect(targets).toEqual([0]);
      expect(checkText(text, taughtAtStep(SHORT, 20), ["sh=ʃ"]).targets).toBe(hits);
    }
    expect(new Set(made.flatMap(({ words }) => words)).size).toBeGreaterThan(25);
  });

  it("what the school keeps out, and what is to be avoided, is in none while there are others", () => {
    const made = makeSentences({
      taught: taughtAtStep(SHORT, 20),
      count: 60,
      seed: 1,
      never: ["cat", "dog"],
      avoid: ["pig"],
    });
    // Its forms are kept out with it.
    for (const word of ["cat", "cats", "dog", "dogs"]) expect(made.flatMap(({ words }) => words)).not.toContain(word);
    expect(made.flatMap(({ words }) => words)).not.toContain("pig");
  });

  it("before the endings are taught nothing has one on", () => {
    const first = SHORT.steps.findIndex(({ patterns }) => patterns.includes("suffix-s"));
    for (const { text } of makeSentences({ taught: taughtAtStep(SHORT, Math.max(1, first)), count: 80, seed: 1 }))
      expect(text).not.toMatch(/\b(?:cats|dogs|hops|pigs|runs|hopped|running)\b/);
  });

  it("at the very first step there are few, and no more are made up", () => {
    expect(makeSentences({ taught: taughtAtStep(SHORT, 1), count: 300, seed: 1 }).length).toBeLessThan(60);
  });
});

describe("the data", () => {
  it("has at least 250 frames, each of its own, ended by a stop", () => {
    expect(new Set(SENTENCE_FRAMES).size).toBeGreaterThanOrEqual(250);
    expect(new Set(SENTENCE_FRAMES).size).toBe(SENTENCE_FRAMES.length);
    for (const frame of SENTENCE_FRAMES) expect(frame).toMatch(/[.?]$/);
  });

  it("makes forms that are words of the list", () => {
    const lexicon = shippedLexicon();
    const known = (word: string) => lexicon.get(word) !== undefined || lexicon.unsplittable(word);
    const forms = [
      ...Object.values(NOUNS).flatMap((words) =>
        words.filter((word) => !NO_PLURAL.has(word) && known(word)).map(pluralOf),
      ),
      ...Object.values(VERBS).flatMap((pairs) =>
        pairs.flatMap((pair) => {
          const [base = "", past = ""] = pair.split(":");
          return [past, thirdPersonOf(base), presentParticipleOf(base)];
        }),
      ),
    ];
    // A form that the list lacks is never used: those known to be missing are few.
    expect([...new Set(forms)].filter((form) => !known(form)).length).toBeLessThan(60);
  });

  it.each([
    ["fox", "foxes"],
    ["puppy", "puppies"],
    ["monkey", "monkeys"],
    ["man", "men"],
    ["fireman", "firemen"],
    ["leaf", "leaves"],
    ["mouse", "mice"],
    ["potato", "potatoes"],
  ])("one %s, two %s", (one, two) => expect(pluralOf(one)).toBe(two));

  it.each([
    ["run", "runs", "running"],
    ["munch", "munches", "munching"],
    ["hurry", "hurries", "hurrying"],
    ["play", "plays", "playing"],
    ["race", "races", "racing"],
    ["see", "sees", "seeing"],
    ["fix", "fixes", "fixing"],
    ["wait", "waits", "waiting"],
  ])("%s: %s, %s", (base, third, participle) => {
    expect(thirdPersonOf(base)).toBe(third);
    expect(presentParticipleOf(base)).toBe(participle);
  });
});
