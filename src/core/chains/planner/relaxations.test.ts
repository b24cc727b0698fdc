import { describe, expect, it } from "vitest";
import { taughtAtStep } from "../../../../tests/taught-at-step.ts";
import type { Sequence } from "../../scope/sequence.ts";
import { sequenceById } from "../../scope/sequences.ts";
import type { ChainRequest } from "../request.ts";
import { planChain } from "./plan-chain.ts";
import type { Relaxation } from "./relaxations.ts";

const SHORT = sequenceById("short-vowels-first") as Sequence;
const base = (step: number, more: Partial<ChainRequest>): ChainRequest => ({
  taught: taughtAtStep(SHORT, step),
  length: 8,
  focus: [],
  contrasts: [],
  seed: 1,
  ...more,
});

const offered = (request: ChainRequest): readonly Relaxation[] => {
  const answer = planChain(request);
  if (Array.isArray(answer)) throw new Error("a chain after all");
  return answer.relaxations;
};
const find = (relaxations: readonly Relaxation[], code: Relaxation["relaxation"]["code"]) => {
  const found = relaxations.find(({ relaxation }) => relaxation.code === code);
  if (!found) throw new Error(`${code} not among ${relaxations.map(({ relaxation }) => relaxation.code).join(", ")}`);
  return found;
};

describe("what would give a chain changes one thing only", () => {
  it("without a tile count: the count is taken away, nothing else", () => {
    const { change } = find(offered(base(13, { tiles: { a: 1, t: 1, p: 1, m: 1 }, length: 8 })), "no-tile-count");
    expect(Object.keys(change)).toEqual(["tiles"]);
    expect(change.tiles).toBeUndefined();
  });

  it("a lower power: reached by its example, with the same share of mix-ups", () => {
    const contrasts = [{ a: "i=ɪ", b: "e=e" }];
    const reachPower = { atLeast: 0.99, share: 0.25 };
    const request = base(13, { contrasts, reachPower, length: 6 });
    const { change, example } = find(offered(request), "lower-power");
    expect(change.reachPower?.share).toBe(0.25);
    expect(change.reachPower?.atLeast).toBeLessThan(0.99);
    const again = planChain({ ...request, ...change });
    if (!Array.isArray(again)) throw new Error("no chain");
    expect(again[0]?.power).toBeGreaterThanOrEqual(change.reachPower?.atLeast ?? 1);
    expect(example.length).toBeLessThanOrEqual(6);
  });

  it("words laid down are never dropped to make the chain shorter", () => {
    const request = base(13, { fixed: ["ship", "mud"], length: 5 });
    for (const { relaxation } of offered(request)) expect(relaxation.code).not.toBe("shorter");
  });

  it("the word at fault is the first to be let go", () => {
    const [first] = offered(base(13, { start: "cat", end: "cake" }));
    expect(first?.relaxation).toEqual({ code: "drop-end", word: "cake" });
  });

  it("an aim that is not taught is taken out or taught, and the other aims stay", () => {
    const request = base(13, { focus: ["igh=aɪ", "a=æ"] });
    const relaxations = offered(request);
    expect(find(relaxations, "drop-aim").change.focus).toEqual(["a=æ"]);
    expect(find(relaxations, "teach-gpc").relaxation).toEqual({ code: "teach-gpc", gpc: "igh=aɪ" });
  });

  it("at most one shortening, and the least that does", () => {
    const request = base(1, { length: 25 });
    const lengths = offered(request).flatMap(({ relaxation }) =>
      relaxation.code === "shorter" ? [relaxation.length] : [],
    );
    expect(lengths).toHaveLength(1);
    expect(planChain({ ...request, length: (lengths[0] ?? 0) + 3 }, undefined, { relax: false })).toMatchObject({
      ok: false,
    });
  });

  it("says how far it is with the tries", () => {
    const told: [number, number][] = [];
    planChain(base(13, { mustInclude: ["cake"] }), undefined, { onProgress: (done, all) => told.push([done, all]) });
    expect(told.length).toBeGreaterThan(0);
    for (const [k, [done, all]] of told.entries()) {
      expect(done).toBeGreaterThan(told[k - 1]?.[0] ?? 0);
      expect(done).toBeLessThanOrEqual(all);
    }
  });
});
