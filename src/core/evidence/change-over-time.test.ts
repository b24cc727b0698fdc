import { describe, expect, it } from "vitest";
import { changeOverTime, type LessonCount } from "./change-over-time.ts";

const DIFFICULTY = new Map([
  ["s=s", { chances: 400, wrong: 20 }],
  ["th=θ", { chances: 400, wrong: 160 }],
]);
const lesson = (n: number, gpc: string, chances: number, wrong: number): LessonCount => ({
  ...{ sessionId: `lesson ${n}`, day: `2026-11-${String(n).padStart(2, "0")}`, gpc, chances, wrong },
});

describe("change over time", () => {
  it("does not take a lesson of hard sounds for a step back", () => {
    // Both lessons are exactly as right as everybody is with these sounds.
    const [easy, hard] = changeOverTime([lesson(1, "s=s", 40, 2), lesson(2, "th=θ", 40, 16)], DIFFICULTY);
    expect(easy?.right).toBeCloseTo(0.95);
    expect(hard?.right).toBeCloseTo(0.6);
    expect(easy?.evenly).toBeCloseTo(hard?.evenly as number, 1);
  });

  it("says one sound's own share evenly where it is the only one", () => {
    const own = new Map([["th=θ", { chances: 40, wrong: 16 }]]);
    const points = changeOverTime([lesson(1, "th=θ", 20, 12), lesson(2, "th=θ", 20, 4)], own);
    for (const { right, evenly } of points) expect(evenly).toBeCloseTo(right, 10);
  });

  it("adds up a lesson, puts lessons in order, and draws a line that follows a rise", () => {
    const counts = [8, 3, 5, 1, 7, 2, 6, 4].flatMap((n) => [lesson(n, "th=θ", 10, 8 - n), lesson(n, "s=s", 10, 0)]);
    const points = changeOverTime(counts, DIFFICULTY);
    expect(points.map(({ sessionId }) => sessionId)).toEqual([1, 2, 3, 4, 5, 6, 7, 8].map((n) => `lesson ${n}`));
    expect(points[0]).toMatchObject({ chances: 20, wrong: 7 });
    const line = points.map(({ smooth }) => smooth as number);
    for (let k = 1; k < line.length; k++) expect(line[k]).toBeGreaterThan(line[k - 1] as number);
    expect(Math.max(...line)).toBeLessThanOrEqual(1);
  });

  it("draws no line through fewer than four lessons, and says nothing of none", () => {
    expect(changeOverTime([lesson(1, "s=s", 5, 1)], DIFFICULTY)[0]?.smooth).toBeUndefined();
    expect(changeOverTime([], DIFFICULTY)).toEqual([]);
  });
});
