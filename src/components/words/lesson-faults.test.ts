import { describe, expect, it } from "vitest";
import { type ActivityContent, type LessonFault, type Missing, stopsLesson } from "../../core/light.ts";
import { lessonFaultLines, wordsAtFault, wordsWithout } from "./lesson-faults.ts";

const th: Missing = {
  kind: "gpc",
  grapheme: "th",
  unit: 0,
  phonemes: ["θ"],
  place: "start",
  taughtElsewhere: false,
  graphemeTaught: false,
};
const refused = (word: string) =>
  ({ activity: "1", code: "refused", refusal: { code: "not-decodable", word, missing: [th] } }) satisfies LessonFault;
const keptOut = { activity: "1", code: "refused", refusal: { code: "never-list", word: "mat" } } as const;

describe("what stands against an activity", () => {
  it("is said once a reason, with everything it holds for", () => {
    expect(
      lessonFaultLines([
        refused("then"),
        { activity: "1", code: "not-taught", gpc: "ch=tʃ" },
        refused("than"),
        { activity: "1", code: "not-taught", gpc: "sh=ʃ" },
        refused("then"),
        keptOut,
      ]),
    ).toEqual([
      "then, than: not taught yet: th",
      "ch as in chip, sh as in ship: not taught yet",
      "mat: on your own list of words to keep out",
    ]);
  });

  it.each<[LessonFault, string]>([
    [{ activity: "1", code: "empty" }, "nothing is left in it"],
    [{ activity: "1", code: "held-back-shown", word: "hat" }, "hat: kept back for the end, and here already"],
    [
      { activity: "1", code: "no-context", word: "sea", alike: "see" },
      "sea: sounds like see: give a sentence to say with it",
    ],
    [{ activity: "1", code: "not-nonsense", word: "zad" }, "zad: does not serve as a nonsense word"],
    [{ activity: "1", code: "not-learnt-whole", word: "who" }, "who: not among the words learnt whole"],
    [
      { activity: "1", code: "no-step", from: "cap", to: "dog", reason: { code: "several-units", count: 3 } },
      "cap to dog: 3 graphemes differ",
    ],
  ])("%j", (fault, said) => {
    expect(lessonFaultLines([fault])).toEqual([said]);
  });

  it("words to take out, each once; a step and a card are no words", () => {
    expect(
      wordsAtFault([
        refused("then"),
        refused("then"),
        keptOut,
        { activity: "1", code: "not-taught", gpc: "ch=tʃ" },
        { activity: "1", code: "no-step", from: "cap", to: "dog", reason: { code: "same-word" } },
      ]),
    ).toEqual(["then", "mat"]);
  });

  it.each<[ActivityContent, string[], string[] | undefined]>([
    [{ kind: "word-list", words: ["at", "than", "hat"] }, ["than"], ["at", "hat"]],
    [{ kind: "dictation", words: ["at", "than"], sentences: ["A hat."] }, ["than"], ["at"]],
    // At the end of a chain one can go, in the middle it would leave two changes in a step.
    [{ kind: "read-chain", words: ["hat", "that", "than"] }, ["than"], ["hat", "that"]],
    [{ kind: "build-chain", words: ["hat", "that", "than"] }, ["that"], undefined],
    // A word of a sentence is mended in the sentence; a list that is wrong all through goes as a whole.
    [{ kind: "dictation", words: ["at"], sentences: ["Than."] }, ["Than"], undefined],
    [{ kind: "word-list", words: ["than"] }, ["than"], undefined],
    [{ kind: "word-list", words: ["at"] }, [], undefined],
    [{ kind: "find-it", items: [{ word: "at", foils: ["than"] }] }, ["than"], undefined],
  ])("%j without %j leaves %j", (content, out, left) => {
    expect(wordsWithout(content, out)).toEqual(left);
  });

  it("what stops a lesson: all but words kept out, which are left out, and words kept back", () => {
    expect(stopsLesson(refused("then"))).toBe(true);
    expect(stopsLesson({ activity: "1", code: "empty" })).toBe(true);
    expect(stopsLesson({ activity: "1", code: "not-taught", gpc: "ch=tʃ" })).toBe(true);
    expect(stopsLesson(keptOut)).toBe(false);
    expect(stopsLesson({ activity: "1", code: "held-back-shown", word: "hat" })).toBe(false);
  });
});
