import { describe, expect, it } from "vitest";
import type { UnitAnswer } from "./assess.ts";
import { gotOver } from "./got-over.ts";
import { DEFAULT_MASTERY } from "./mastery.ts";

const answers = (rights: string, days = 2): UnitAnswer[] =>
  [...rights].map((right, k) => {
    const day = `2026-11-${String(10 + (k % days)).padStart(2, "0")}`;
    const at = `2026-11-${String(10 + k).padStart(2, "0")}T10:00:00Z`;
    return { gpc: "b=b", word: `w${k}`, sitting: day, right: right === "+", at, day };
  });

describe("a substitution that was made", () => {
  it("is got over when its correspondence is known again by the rule", () => {
    expect(gotOver(answers("++++++++-+"), "b=b", DEFAULT_MASTERY)).toEqual({ right: 9, of: 10 });
  });

  it.each([
    ["too few answers", answers("++++++++")],
    ["too many wrong", answers("+++-+++-++")],
    ["all on one day", answers("++++++++++", 1)],
    ["known again, and wrong after it", answers("++++++++++-")],
    ["none at all", []],
  ])("is not: %s", (_, some) => {
    expect(gotOver(some, "b=b", DEFAULT_MASTERY)).toBeUndefined();
  });

  it("is not got over by answers to something else", () => {
    expect(gotOver(answers("++++++++++"), "d=d", DEFAULT_MASTERY)).toBeUndefined();
  });
});
