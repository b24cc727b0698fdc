import { describe, expect, it } from "vitest";
import { taughtAtStep } from "../../../tests/taught-at-step.ts";
import { IRREGULAR_SENTENCES } from "../../data/texts/irregular-sentences.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { taughtGpcs } from "../school/school.ts";
import { SEQUENCES } from "../scope/sequences.ts";
import { NO_TICKS } from "../scope/taught-set.ts";
import { checkText } from "../texts/check-text.ts";
import { fillKind } from "./draft-lesson.ts";
import { promptsOf } from "./prompts.ts";
import { DEFAULT_PRACTICE } from "./settings.ts";

const STEPS = SEQUENCES.flatMap((sequence) =>
  [0.4, 0.7, 1].map((share) => ({ sequence, step: Math.ceil(sequence.steps.length * share) })),
);

describe.each(STEPS)("irregular words in $sequence.id at step $step", ({ sequence, step }) => {
  const taught = taughtAtStep(sequence, step);
  const gpcs = taughtGpcs({ sequence, step, ticks: NO_TICKS });
  const [, kept = "the"] = [...taught.words].reverse();
  const content = fillKind(
    "irregular-words",
    {
      taught,
      focus: gpcs.slice(0, 1),
      contrasts: [],
      taughtGpcs: gpcs,
      substitutions: [],
      minutes: 30,
      settings: DEFAULT_PRACTICE,
      never: [kept],
      seed: 1,
    },
    [],
  );
  if (content?.kind !== "irregular-words") throw new Error("nothing was made");

  it("are taught, each once, none kept out", () => {
    for (const word of content.words) expect(taught.words.has(word), word).toBe(true);
    expect(new Set(content.words).size).toBe(content.words.length);
    expect(content.words).not.toContain(kept);
  });

  it("have a part to point out that is in the word, and a sentence that the group can read", () => {
    for (const [word, graphemes] of Object.entries(content.odd ?? {}))
      for (const grapheme of graphemes) expect(word, grapheme).toContain(grapheme.split("-")[0]);
    for (const [word, sentence] of Object.entries(content.shownIn ?? {})) {
      const { tokens } = checkText(sentence, taught, [], shippedLexicon(), { never: [kept] });
      expect(tokens.map(({ spelling }) => spelling)).toContain(word);
      expect(
        tokens.filter(({ fits }) => !fits),
        sentence,
      ).toEqual([]);
    }
    const prompts = promptsOf(content, taught.accent);
    expect(prompts.map((prompt) => prompt.code === "whole" && prompt.sentence)).toEqual(
      content.words.map((word) => content.shownIn?.[word]),
    );
  });
});

it("the little words that hold sentences together each have one", () => {
  const sequence = SEQUENCES.find(({ id }) => id === "phased");
  if (!sequence) throw new Error("The phased order does not ship.");
  const taught = taughtAtStep(sequence, 40);
  const wholeWords = ["was", "are", "the", "to"].filter((word) => taught.words.has(word));
  expect(wholeWords.length).toBeGreaterThan(2);
  const content = fillKind(
    "irregular-words",
    {
      ...{ taught, wholeWords, contrasts: [], substitutions: [], minutes: 30, settings: DEFAULT_PRACTICE, seed: 2 },
      focus: [],
      taughtGpcs: taughtGpcs({ sequence, step: 40, ticks: NO_TICKS }),
    },
    [],
  );
  if (content?.kind !== "irregular-words") throw new Error("nothing was made");
  for (const word of wholeWords) expect(content.shownIn?.[word]?.toLowerCase().split(/\W+/), word).toContain(word);
});

describe("sentences written for irregular words", () => {
  it("each holds its word, once, and nothing unsuitable", () => {
    for (const [word, sentences] of IRREGULAR_SENTENCES)
      for (const sentence of sentences) {
        expect(sentence, word).toMatch(/^[A-Z].*[.?”]$/);
        const words: string[] = sentence.toLowerCase().match(/[a-z']+/g) ?? [];
        expect(
          words.filter((one) => one === word),
          sentence,
        ).toHaveLength(1);
        for (const one of words) expect(shippedLexicon().unsuitable(one), `${one}: ${sentence}`).toBeUndefined();
      }
  });

  it.each(SEQUENCES)(
    "nearly every new irregular word of $id has a sentence at the step where it is taught",
    (sequence) => {
      const without: string[] = [];
      let all = 0;
      for (const [k, { irregularWords: words }] of sequence.steps.entries()) {
        if (words.length === 0) continue;
        const taught = taughtAtStep(sequence, k + 1);
        const content = fillKind(
          "irregular-words",
          {
            ...{ taught, wholeWords: words, contrasts: [], substitutions: [], minutes: 90, settings: DEFAULT_PRACTICE },
            ...{ focus: [], seed: 2, taughtGpcs: taughtGpcs({ sequence, step: k + 1, ticks: NO_TICKS }) },
          },
          [],
        );
        if (content?.kind !== "irregular-words") continue;
        const shown = words.filter((word) => content.words.includes(word));
        all += shown.length;
        without.push(...shown.filter((word) => content.shownIn?.[word] === undefined));
      }
      expect(without.length / all, without.join(" ")).toBeLessThan(0.15);
    },
  );
});
