import { describe, expect, it } from "vitest";
import type { Outcome } from "../responses/outcomes.ts";
import { answersThatCount, type CountingRule, DEFAULT_COUNTING } from "./counting-rule.ts";

const answer = (word: string, outcome: Outcome = "right", sessionId = "monday", learnerId = "tern") => ({
  ...{ word, sessionId, learnerId, mode: "read" as const },
  answer: { outcome },
});
const counted = (answers: ReturnType<typeof answer>[], rule: Partial<CountingRule>) =>
  answersThatCount(answers, { ...DEFAULT_COUNTING, ...rule }).map(
    ({ word, answer: { outcome } }) => `${word} ${outcome}`,
  );

describe("what counts", () => {
  const some = [answer("pen", "wrong"), answer("ten", "after-tapping"), answer("pen"), answer("pen", "together")];

  it("is everything, unless the school says otherwise", () => {
    expect(counted(some, {})).toHaveLength(4);
  });

  it("leaves out what was right only after tapping", () => {
    expect(counted(some, { tappedCounts: false })).toEqual(["pen wrong", "pen right", "pen together"]);
  });

  it("takes a word's first answer in a lesson; the same word counts again in another, by another, built", () => {
    const again = [answer("pen", "right", "tuesday"), answer("pen", "right", "monday", "gull")];
    const built = { ...answer("pen"), mode: "built" as const };
    expect(counted([...some, ...again, built] as never, { everyRepeatCounts: false })).toEqual([
      "pen wrong",
      "ten after-tapping",
      "pen together",
      "pen right",
      "pen right",
      "pen right",
    ]);
  });

  it("leaves a lesson out that went badly: of six answers at least, more wrong than right", () => {
    const lesson = (wrong: number, all: number) =>
      Array.from({ length: all }, (_, k) => answer(`w${k}`, k < wrong ? "wrong" : "right"));
    expect(counted(lesson(4, 6), { badLessonsCount: false })).toEqual([]);
    expect(counted(lesson(3, 6), { badLessonsCount: false })).toHaveLength(6);
    expect(counted(lesson(5, 5), { badLessonsCount: false })).toHaveLength(5);
    // What all said together makes no lesson better.
    const together = Array.from({ length: 9 }, (_, k) => answer(`t${k}`, "together"));
    expect(counted([...lesson(4, 6), ...together], { badLessonsCount: false })).toEqual([]);
  });

  it("knows a bad lesson by all of it, though repeats do not count", () => {
    const lesson = [..."abc"].flatMap((word) => [answer(word, "right"), answer(word, "wrong"), answer(word, "wrong")]);
    expect(counted(lesson, { badLessonsCount: false, everyRepeatCounts: false })).toEqual([]);
  });
});
