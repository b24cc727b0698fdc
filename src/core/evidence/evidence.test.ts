import { describe, expect, it } from "vitest";
import { segment } from "../lexicon/segment.ts";
import { seededRandom } from "../random/seeded-random.ts";
import { classifyMarked } from "../responses/classify.ts";
import type { RawAnswer } from "../responses/raw-answer.ts";
import type { Segmentation } from "../spelling/segmentation.ts";
import { simulateReading } from "./simulated-learner.ts";
import { type EvidenceItem, isPattern, substitutionTable } from "./substitution-table.ts";
import { wilsonInterval } from "./wilson.ts";

const item = (responseId: string, word: string, answer: RawAnswer): EvidenceItem => {
  const target = segment(word) as Segmentation;
  return { responseId, target, verdict: classifyMarked(target, answer) };
};
const right: RawAnswer = { outcome: "right", substitutions: [] };
const said = (unit: number, ...sounds: string[]): RawAnswer => ({
  outcome: "wrong",
  substitutions: [{ unit, said: sounds }],
});

describe("substitutionTable", () => {
  it("counts what was said instead, out of how many chances, by position", () => {
    const rows = substitutionTable([
      item("a", "ship", said(0, "tʃ")),
      item("b", "shop", right),
      item("c", "fish", said(2, "tʃ")),
      item("d", "dish", said(2, "s")),
      item("e", "wish", { outcome: "no-attempt", substitutions: [] }),
    ]);
    const sh = rows.find((row) => row.gpc === "sh=ʃ");
    expect(sh).toMatchObject({
      chances: ["a", "b", "c", "d"],
      wrong: ["a", "c", "d"],
      substitutions: [
        { said: ["tʃ"], responses: ["a", "c"] },
        { said: ["s"], responses: ["d"] },
      ],
    });
    expect(sh?.byPosition.initial).toEqual({ chances: ["a", "b"], wrong: ["a"] });
    expect(sh?.byPosition.final).toEqual({ chances: ["c", "d"], wrong: ["c", "d"] });
    expect(rows[0]?.gpc).toBe("sh=ʃ");
  });

  it("counts a unit left out", () => {
    const [row] = substitutionTable([item("a", "stop", said(1))]);
    expect(row).toMatchObject({ gpc: "t=t", substitutions: [{ said: [], responses: ["a"] }] });
  });

  it("calls nothing a pattern on two chances, or on one substitution in many", () => {
    const substitutions = substitutionTable([item("a", "pet", said(1, "ɪ")), item("b", "pet", said(1, "ɪ"))]);
    expect(substitutions.some(isPattern)).toBe(false);
    const many = Array.from({ length: 20 }, (_, k) => item(`r${k}`, "pet", k === 0 ? said(1, "ɪ") : right));
    expect(substitutionTable(many).some(isPattern)).toBe(false);
  });

  it("finds a planted substitution first in 95 of 100 made-up learners", () => {
    const words = ["pet", "pit", "pen", "pin", "bed", "bid", "set", "sit", "men", "ten", "tin", "red"];
    let found = 0;
    for (let seed = 0; seed < 100; seed++) {
      const random = seededRandom(seed);
      const learner = {
        substitutions: [{ gpc: "e=e", said: ["ɪ"], share: 0.5 }],
        tapping: 0.1,
        selfCorrecting: 0.1,
        notTrying: 0.05,
      };
      const items = words.map((word, k) =>
        item(`${k}`, word, simulateReading(learner, segment(word) as Segmentation, random)),
      );
      const [top] = substitutionTable(items);
      if (top?.gpc === "e=e" && top.substitutions[0]?.said[0] === "ɪ") found++;
    }
    expect(found).toBeGreaterThanOrEqual(95);
  });
});

describe("wilsonInterval", () => {
  it("gives the bounds of the formula, written out another way", () => {
    // Roots of (p - share)^2 = z^2 p (1 - p) / n: the interval's own definition.
    for (const [successes, trials] of [
      [0, 5],
      [3, 10],
      [9, 10],
      [50, 400],
    ] as const) {
      const { low, high } = wilsonInterval(successes, trials);
      const share = successes / trials;
      for (const p of [low, high])
        expect((p - share) ** 2).toBeCloseTo((1.959963984540054 ** 2 * p * (1 - p)) / trials, 10);
    }
  });
  it("says nothing of nothing", () => {
    expect(wilsonInterval(0, 0)).toEqual({ low: 0, high: 1 });
  });
});
