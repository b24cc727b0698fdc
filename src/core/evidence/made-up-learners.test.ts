import { describe, expect, it } from "vitest";
import { segment } from "../lexicon/segment.ts";
import { seededRandom } from "../random/seeded-random.ts";
import { outcomesFor, RESPONSE_MODES } from "../responses/response-modes.ts";
import type { Segmentation } from "../spelling/segmentation.ts";
import { madeUpLearners } from "./made-up-learners.ts";
import { type SimulatedLearner, simulateAnswer, simulateReading } from "./simulated-learner.ts";

const TAUGHT = ["e=e", "i=ɪ", "sh=ʃ", "p=p"];
const PEN = segment("pen") as Segmentation;
const steady: SimulatedLearner = {
  substitutions: [{ gpc: "e=e", said: ["ɪ"], share: 1 }],
  tapping: 0,
  selfCorrecting: 0,
  notTrying: 0,
};

describe("made-up learners", () => {
  it("have something planted in what has been taught, and are the same for the same seed", () => {
    const six = madeUpLearners(6, TAUGHT, 5);
    expect(madeUpLearners(6, TAUGHT, 5)).toEqual(six);
    expect(madeUpLearners(6, TAUGHT, 6)).not.toEqual(six);
    for (const { substitutions } of six) expect(TAUGHT).toContain(substitutions[0]?.gpc);
    expect(madeUpLearners(2, [], 1).map(({ substitutions }) => substitutions)).toEqual([[], []]);
  });

  it("learn: what is planted comes less often with every answer", () => {
    const wrongAfter = (before: number) => {
      const random = seededRandom(7);
      const learner = { ...steady, learning: 0.05 };
      return Array.from({ length: 400 }, () => simulateReading(learner, PEN, random, before)).filter(
        ({ outcome }) => outcome === "wrong",
      ).length;
    };
    expect(wrongAfter(0)).toBe(400);
    expect(wrongAfter(10)).toBeLessThan(280);
    expect(wrongAfter(40)).toBeLessThan(90);
  });

  it.each(RESPONSE_MODES)("answer what can be answered, in the mode %s", (mode) => {
    const random = seededRandom(3);
    const quiet = { ...steady, tapping: 0.3, selfCorrecting: 0.3, notTrying: 0.3 };
    for (let k = 0; k < 60; k++) {
      const answer = simulateAnswer(quiet, { target: PEN, mode }, random);
      expect(outcomesFor(mode)).toContain(answer.outcome);
      if (mode !== "built") expect(answer.built).toBeUndefined();
    }
  });

  it("lay another tile first for what they hear otherwise", () => {
    expect(simulateAnswer(steady, { target: PEN, mode: "built" }, seededRandom(1)).built).toEqual([
      ["p", "i", "n"],
      ["p", "e", "n"],
    ]);
  });
});
