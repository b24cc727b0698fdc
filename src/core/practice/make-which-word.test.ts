import { describe, expect, it } from "vitest";
import { some } from "../../../tests/in-full.ts";
import { taughtAtStep } from "../../../tests/taught-at-step.ts";
import { checkStep } from "../chains/step-check.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { soundAlikes } from "../lexicon/sound-alikes.ts";
import { taughtGpcs } from "../school/school.ts";
import { checkDecodable } from "../scope/decodable.ts";
import { SEQUENCES } from "../scope/sequences.ts";
import { NO_TICKS } from "../scope/taught-set.ts";
import { checkText } from "../texts/check-text.ts";
import { fillKind } from "./draft-lesson.ts";
import { isOutOfPlace } from "./make-which-word.ts";
import { promptsOf } from "./prompts.ts";
import { DEFAULT_PRACTICE } from "./settings.ts";

const lexicon = shippedLexicon();

describe("a word that is out of place", () => {
  it.each([
    ["ran", "n", "the", true],
    ["sing", "n", "a", true],
    // Both are things: silly, and right.
    ["car", "n", "new", false],
    // "The sad can nap" can be said.
    ["sad", "n", "the", false],
    ["sad", "n", "a", true],
    ["song", "v", "king", true],
    // Pasts, of which the list knows only that they are words.
    ["sang", "v", "seth", false],
    ["sat", "v", "king", false],
    // "He sung" is said by some.
    ["sung", "v", "king", false],
    ["met", "a", "the", false],
    ["sing", "a", "the", true],
    ["bin", "a", "the", false],
    // Little words can stand nearly anywhere.
    ["it", "n", "the", false],
    ["cats", "v", "the", false],
  ] as const)("%s in the place of a %s after %s: %s", (foil, part, before, is) => {
    expect(isOutOfPlace(foil, { part, before }, lexicon)).toBe(is);
  });
});

const STEPS = SEQUENCES.flatMap((sequence) =>
  [0.3, 0.6, 1].map((share) => ({ sequence, step: Math.ceil(sequence.steps.length * share) })),
);

describe.each(STEPS)("which word fits, in $sequence.id at step $step", ({ sequence, step }) => {
  const taught = taughtAtStep(sequence, step);
  const gpcs = taughtGpcs({ sequence, step, ticks: NO_TICKS });
  const request = {
    taught,
    focus: gpcs.slice(0, 1),
    contrasts: [],
    taughtGpcs: gpcs,
    substitutions: [],
    minutes: 30,
    settings: DEFAULT_PRACTICE,
    never: ["dog"],
  };

  it.each(some([1, 2, 3], 3))("has a line for a word and two others that would be wrong there (seed %i)", (seed) => {
    const content = fillKind("which-word", { ...request, seed }, []);
    if (content?.kind !== "which-word") throw new Error("nothing was made");
    expect(content.items.length).toBeGreaterThan(2);
    expect(new Set(content.items.map(({ word }) => word)).size).toBe(content.items.length);
    for (const { sentence, word, foils } of content.items) {
      const { tokens } = checkText(sentence, taught, [], lexicon, request);
      expect(
        tokens.filter(({ fits }) => !fits),
        sentence,
      ).toEqual([]);
      expect(foils).toHaveLength(2);
      expect(tokens.filter(({ spelling }) => spelling === word)).toHaveLength(1);
      for (const foil of foils) {
        expect(checkDecodable(foil, taught).decodable, foil).toBe(true);
        expect(foil).not.toBe("dog");
        expect(tokens.some(({ spelling }) => spelling === foil)).toBe(false);
        const near = checkStep(word, foil).single || soundAlikes(word, lexicon).includes(foil);
        expect(near, `${word}, ${foil}`).toBe(true);
      }
    }
    const prompts = promptsOf(content, taught.accent);
    for (const [k, { word, foils }] of content.items.entries()) {
      const prompt = prompts[k];
      if (prompt?.code !== "which-word") throw new Error("another prompt");
      expect(prompt.gapped.match(/____/g)).toHaveLength(1);
      expect(prompt.gapped.toLowerCase().split(/\W+/)).not.toContain(word);
      expect([...prompt.choices].sort()).toEqual([word, ...foils].sort());
    }
  });
});
