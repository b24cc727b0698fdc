import { describe, expect, it } from "vitest";
import { taughtAtStep } from "../../../tests/taught-at-step.ts";
import { SOUND_ALIKE_SENTENCES } from "../../data/texts/sound-alike-sentences.ts";
import { lexiconIn } from "../lexicon/in-accent.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { soundAlikes } from "../lexicon/sound-alikes.ts";
import { taughtGpcs } from "../school/school.ts";
import { checkDecodable } from "../scope/decodable.ts";
import type { Sequence } from "../scope/sequence.ts";
import { SEQUENCES, sequenceById } from "../scope/sequences.ts";
import { NO_TICKS } from "../scope/taught-set.ts";
import { GENERAL_AMERICAN, SOUTHERN_BRITISH } from "../sounds/accents.ts";
import { checkLesson } from "./check-lesson.ts";
import { fillKind } from "./draft-lesson.ts";
import { DEFAULT_PRACTICE } from "./settings.ts";

const wordsIn = (sentence: string): string[] => sentence.toLowerCase().match(/[a-z']+/g) ?? [];
const requestAt = (sequence: Sequence, step: number) => ({
  taught: taughtAtStep(sequence, step),
  focus: [],
  contrasts: [],
  taughtGpcs: taughtGpcs({ sequence, step, ticks: NO_TICKS }),
  substitutions: [],
  minutes: 30,
  settings: DEFAULT_PRACTICE,
  seed: 1,
});

describe("sentences for words that sound the same", () => {
  const all = SOUND_ALIKE_SENTENCES.flat();
  const accents = [GENERAL_AMERICAN, SOUTHERN_BRITISH].map((accent) => lexiconIn(shippedLexicon(), accent));

  it("each word has one sentence, and stands in it once", () => {
    expect(new Set(all.map(({ word }) => word)).size).toBe(all.length);
    for (const { word, sentence } of all) {
      expect(sentence, word).toMatch(/^[A-Z][^.?]*[.?]$/);
      expect(
        wordsIn(sentence).filter((one) => one === word),
        sentence,
      ).toHaveLength(1);
    }
  });

  it("no sentence holds another word of its line, which would tell the learner nothing", () => {
    for (const line of SOUND_ALIKE_SENTENCES)
      for (const { word, sentence } of line)
        expect(
          line.filter((other) => other.word !== word && wordsIn(sentence).includes(other.word)),
          sentence,
        ).toEqual([]);
  });

  it("each word sounds like another of its line in some accent, and nothing in a sentence is unsuitable", () => {
    for (const line of SOUND_ALIKE_SENTENCES)
      for (const { word, sentence } of line) {
        const alike = accents.some((lexicon) => {
          const others = soundAlikes(word, lexicon);
          return line.some((other) => others.includes(other.word));
        });
        expect(alike, word).toBe(true);
        for (const one of wordsIn(sentence))
          expect(shippedLexicon().unsuitable(one), `${one}: ${sentence}`).toBeUndefined();
      }
  });
});

describe.each(SEQUENCES.flatMap((sequence) => [0.5, 0.75, 1].map((share) => ({ sequence, share }))))(
  "same sound, which spelling, in $sequence.id at $share of it",
  ({ sequence, share }) => {
    const request = requestAt(sequence, Math.ceil(sequence.steps.length * share));
    const content = fillKind("which-spelling", request, []);
    const lexicon = lexiconIn(shippedLexicon(), request.taught.accent);

    it("every choice can be read, sounds as the word does, and every word of a set comes up", () => {
      if (content?.kind !== "which-spelling") throw new Error("nothing was made");
      const words = content.items.map(({ word }) => word);
      expect(words.length).toBeGreaterThan(3);
      for (const { word, foils, sentence } of content.items) {
        expect(foils.length).toBeGreaterThan(0);
        expect(wordsIn(sentence)).toContain(word);
        for (const one of [word, ...foils]) {
          expect(checkDecodable(one, request.taught, lexicon).decodable, one).toBe(true);
          expect(words).toContain(one);
        }
        for (const foil of foils) expect(soundAlikes(word, lexicon)).toContain(foil);
      }
      expect(checkLesson([{ id: "1", content, heldBack: false }], request)).toEqual([]);
    });
  },
);

describe("words kept out", () => {
  const sequence = sequenceById("phased") as Sequence;
  const request = requestAt(sequence, sequence.steps.length);
  const words = (more: object) => {
    const content = fillKind("which-spelling", { ...request, ...more }, []);
    return content?.kind === "which-spelling" ? content.items.flatMap(({ word, foils }) => [word, ...foils]) : [];
  };

  it("are neither chosen nor said", () => {
    for (let seed = 0; seed < 12; seed++) {
      expect(words({ seed, never: ["sun"] })).not.toContain("sun");
      // "The dog dug a hole.": without the dog its sentence is not said, and the whole set is left out.
      expect(words({ seed, never: ["dog"] })).not.toContain("hole");
    }
  });

  it("today's sound comes first, and before two such words can be read there is nothing to choose", () => {
    expect(
      words({ focus: ["ai=eɪ"] })
        .slice(0, 2)
        .some((word) => word.includes("ai")),
    ).toBe(true);
    expect(fillKind("which-spelling", requestAt(sequence, 3), [])).toBeUndefined();
  });
});
