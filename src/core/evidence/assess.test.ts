import { describe, expect, it } from "vitest";
import { addDays } from "../statistics/add-days.ts";
import { assess, type UnitAnswer } from "./assess.ts";
import { DEFAULT_MASTERY } from "./mastery.ts";

const DAY = "2026-11-02";

/** Answers to one correspondence, a word each: `"rrrrw"`, so many a day. */
function answers(gpc: string, outcomes: string, { from = DAY, perDay = 5 } = {}): UnitAnswer[] {
  return [...outcomes].map((outcome, k) => {
    const day = addDays(from, Math.floor(k / perDay));
    return {
      ...{ gpc, day },
      word: `word${k}`,
      sitting: day,
      right: outcome === "r",
      at: `${day}T10:${String(k % 60).padStart(2, "0")}:00Z`,
    };
  });
}

const standing = (all: readonly UnitAnswer[], on = "2026-11-05", taught = ["e=e"]) =>
  assess(all, taught, DEFAULT_MASTERY, on).units[0];

describe("assess", () => {
  it("nine of the last ten on two days is secure; on one day, or with eight, it is not yet", () => {
    expect(standing(answers("e=e", "rrrrrwrrrr"))).toMatchObject({ state: "secure", right: 9, of: 10 });
    expect(standing(answers("e=e", "rrrrrwrrrr", { perDay: 10 }))).toMatchObject({ state: "working" });
    expect(standing(answers("e=e", "rrrrrwwrrr"))).toMatchObject({ state: "working", right: 8, of: 10 });
    expect(standing([])).toMatchObject({ state: "not-met", of: 0 });
  });

  it("what is secure is due again after a week, then after growing gaps; wrong then, it comes back", () => {
    const known = answers("e=e", "rrrrrrrrrr");
    const last = known.at(-1)?.day as string;
    expect(standing(known, addDays(last, 6))?.state).toBe("secure");
    expect(standing(known, addDays(last, 7))?.state).toBe("due");
    const looked = [...known, ...answers("e=e", "r", { from: addDays(last, 7) })];
    expect(standing(looked, addDays(last, 8))).toMatchObject({ state: "secure", dueOn: addDays(last, 7 + 14) });
    const lost = [...known, ...answers("e=e", "w", { from: addDays(last, 7) })];
    expect(standing(lost, addDays(last, 8))).toMatchObject({ state: "working", cameBack: true });
  });

  it("of a word that comes again in one sitting the first answer counts", () => {
    const [first] = answers("e=e", "w") as [UnitAnswer];
    const again = Array.from({ length: 12 }, (_, k) => ({ ...first, right: true, at: `${DAY}T11:0${k % 10}:00Z` }));
    expect(standing([first, ...again])).toMatchObject({ right: 0, of: 1 });
  });

  it("does not depend on the order in which answers are given to it", () => {
    const all = [...answers("e=e", "rrwrrrrrrr"), ...answers("i=ɪ", "rwrw")];
    const taught = ["e=e", "i=ɪ"];
    expect(assess([...all].reverse(), taught, DEFAULT_MASTERY, "2026-11-05")).toEqual(
      assess(all, taught, DEFAULT_MASTERY, "2026-11-05"),
    );
  });

  it("says to move on when what was taught last is known, to hold with what holds it, and nothing of what was not met", () => {
    const taught = ["a=æ", "e=e", "i=ɪ", "o=ɒ"];
    const all = (outcomes: readonly string[]) => taught.flatMap((gpc, k) => answers(gpc, outcomes[k] ?? ""));
    const good = "rrrrrrrrrr";
    expect(assess(all([good, good, good, good]), taught, DEFAULT_MASTERY, DAY)).toMatchObject({
      advice: "move-on",
      holding: [],
    });
    expect(assess(all([good, "rwrwwr", "wwrw", good]), taught, DEFAULT_MASTERY, DAY)).toMatchObject({
      advice: "hold",
      holding: ["e=e", "i=ɪ"],
    });
    expect(assess(all([good]), taught, DEFAULT_MASTERY, DAY).advice).toBeUndefined();
    expect(assess([], [], DEFAULT_MASTERY, DAY)).toEqual({ units: [], advice: undefined, holding: [] });
  });
});
