import { describe, expect, it } from "vitest";
import { segment } from "../lexicon/segment.ts";
import { seededRandom } from "../random/seeded-random.ts";
import { classifyMarked } from "../responses/classify.ts";
import type { RawAnswer } from "../responses/raw-answer.ts";
import type { Segmentation } from "../spelling/segmentation.ts";
import { wilsonInterval } from "../statistics/wilson.ts";
import { isPattern } from "./is-pattern.ts";
import { simulateReading } from "./simulated-learner.ts";
import { substitutionTable } from "./substitution-table.ts";
import { type UnitCount, unitCounts } from "./unit-counts.ts";

const item = (word: string, answer: RawAnswer): readonly UnitCount[] => {
  const target = segment(word) as Segmentation;
  return unitCounts({ target, verdict: classifyMarked(target, answer) });
};
const right: RawAnswer = { outcome: "right", substitutions: [] };
const said = (unit: number, ...sounds: string[]): RawAnswer => ({
  outcome: "wrong",
  substitutions: [{ unit, said: sounds }],
});

describe("substitutionTable", () => {
  it("counts what was said instead, out of how many chances, by position", () => {
    const rows = substitutionTable(
      [
        item("ship", said(0, "tʃ")),
        item("shop", right),
        item("fish", said(2, "tʃ")),
        item("dish", said(2, "s")),
        item("wish", { outcome: "no-attempt", substitutions: [] }),
      ].flat(),
    );
    const sh = rows.find((row) => row.gpc === "sh=ʃ");
    expect(sh).toMatchObject({
      chances: 4,
      wrong: 3,
      substitutions: [
        { said: ["tʃ"], count: 2 },
        { said: ["s"], count: 1 },
      ],
    });
    expect(sh?.byPosition.initial).toEqual({ chances: 2, wrong: 1 });
    expect(sh?.byPosition.final).toEqual({ chances: 2, wrong: 2 });
    expect(rows[0]?.gpc).toBe("sh=ʃ");
  });

  it("counts a unit left out", () => {
    const [row] = substitutionTable(item("stop", said(1)));
    expect(row).toMatchObject({ gpc: "t=t", substitutions: [{ said: [], count: 1 }] });
  });

  it("calls nothing a pattern on two chances, or on one substitution in many", () => {
    const substitutions = substitutionTable([item("pet", said(1, "ɪ")), item("pet", said(1, "ɪ"))].flat());
    expect(substitutions.some(isPattern)).toBe(false);
    const many = Array.from({ length: 20 }, (_, k) => item("pet", k === 0 ? said(1, "ɪ") : right)).flat();
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
      const items = words.flatMap((word) =>
        item(word, simulateReading(learner, segment(word) as Segmentation, random)),
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
