import { describe, expect, it } from "vitest";
import { taughtAtStep } from "../../../tests/taught-at-step.ts";
import { planChain } from "../chains/planner/plan-chain.ts";
import { simulateReading } from "../evidence/simulated-learner.ts";
import { substitutionTable } from "../evidence/substitution-table.ts";
import { unitCounts } from "../evidence/unit-counts.ts";
import { seededRandom } from "../random/seeded-random.ts";
import { classifyMarked } from "../responses/classify.ts";
import type { Sequence } from "../scope/sequence.ts";
import { sequenceById } from "../scope/sequences.ts";
import { chancesFor, chancesToSettle, moreChancesFor, namingPower, pairPower } from "./naming-power.ts";
import { isNamed } from "./naming-rule.ts";

describe("the rule that names a pattern", () => {
  it.each([
    [2, 2, false],
    [2, 3, false],
    [3, 3, true],
    [3, 13, true],
    [3, 14, false],
    [4, 14, true],
    [4, 20, true],
    [4, 21, false],
  ])("%i of %i chances: %s", (times, chances, named) => {
    expect(isNamed({ times, chances })).toBe(named);
  });
});

describe("the probability that it does", () => {
  // By hand: the binomial terms of three and more.
  it.each([
    [3, 0.5, 0.125],
    [4, 0.5, 0.3125],
    [5, 0.5, 0.5],
    [3, 1, 1],
    [2, 1, 0],
    [9, 0, 0],
    [4, 0.2, 4 * 0.008 * 0.8 + 0.0016],
  ])("in %i chances with share %f is %f", (chances, share, power) => {
    expect(namingPower(chances, share)).toBeCloseTo(power, 10);
  });

  it("goes by the learner's record where there is one", () => {
    expect(namingPower(0, 0.5, { times: 3, chances: 5 })).toBe(1);
    expect(namingPower(1, 0.5, { times: 2, chances: 2 })).toBeCloseTo(0.5, 10);
    expect(chancesToSettle({ times: 3, chances: 4 })).toBe(0);
    expect(chancesToSettle({ times: 0, chances: 0 })).toBe(8);
    expect(chancesToSettle({ times: 1, chances: 2 }) as number).toBeLessThan(8);
    expect(chancesToSettle({ times: 0, chances: 0 }, 0)).toBeUndefined();
  });

  it("knows the fewest chances for a power, however they fall on a pair", () => {
    const fewest = chancesFor(0.8) as number;
    expect(fewest).toBe(8);
    for (let a = 0; a <= 7; a++) expect(pairPower({ a, b: 7 - a })).toBeLessThan(0.8);
    expect(chancesFor(1)).toBeUndefined();
    expect(moreChancesFor(0.8, { a: 0, b: 0 })).toBe(8);
    expect(moreChancesFor(0.8, { a: 8, b: 0 })).toBe(0);
    expect(moreChancesFor(0.8, { a: 4, b: 4 })).toBe(3);
    expect(moreChancesFor(0.8, { a: 4, b: 4 }, 0)).toBeUndefined();
  });

  // The whole way: a planned chain, a made-up learner who reads it, the table, the rule.
  it.each([
    ["one way", 0.5, [{ gpc: "e=e", said: ["ɪ"] }]],
    ["one way, seldom", 0.3, [{ gpc: "e=e", said: ["ɪ"] }]],
    [
      "both ways",
      0.5,
      [
        { gpc: "e=e", said: ["ɪ"] },
        { gpc: "i=ɪ", said: ["e"] },
      ],
    ],
  ])("is how often 2,000 made-up learners are named, within 3 in 100: %s, share %f", (_, share, mixed) => {
    const taught = taughtAtStep(sequenceById("short-vowels-first") as Sequence, 13);
    const contrasts = [{ a: "e=e", b: "i=ɪ" }];
    const plans = planChain({ taught, length: 12, focus: [], contrasts, seed: 5 });
    if (!Array.isArray(plans)) throw new Error("no chain");
    const readings = plans[0]?.readings ?? [];
    const { a, b } = plans[0]?.contrasts[0]?.chancesOf ?? { a: 0, b: 0 };
    const random = seededRandom(18);
    const learner = {
      substitutions: mixed.map((one) => ({ ...one, share })),
      tapping: 0,
      selfCorrecting: 0,
      notTrying: 0,
    };
    let named = 0;
    for (let n = 0; n < 2_000; n++) {
      const counts = readings.flatMap((target) =>
        target ? unitCounts({ target, verdict: classifyMarked(target, simulateReading(learner, target, random)) }) : [],
      );
      const isSeen = substitutionTable(counts).some(
        ({ gpc, chances, substitutions: [top] }) =>
          contrasts.some((pair) => [pair.a, pair.b].includes(gpc)) &&
          top !== undefined &&
          isNamed({ times: top.count, chances }),
      );
      if (isSeen) named++;
    }
    const promised = mixed.length === 2 ? pairPower({ a, b }, share) : namingPower(a, share);
    expect(a).toBeGreaterThan(2);
    expect(Math.abs(named / 2_000 - promised)).toBeLessThan(0.03);
  });
});
