import { describe, expect, it } from "vitest";
import { lowess } from "./lowess.ts";

/** Stopping distance (feet) by speed (miles an hour) of fifty cars: the data set `cars` of R, from M. Ezekiel, "Methods of Correlation Analysis" (1930). */
const SPEED = `4 4 7 7 8 9 10 10 10 11 11 12 12 12 12 13 13 13 13 14 14 14 14 15 15 15 16 16 17 17 17 18 18 18 18 19 19
  19 20 20 20 20 20 22 23 24 24 24 24 25`;
const DISTANCE = `2 10 4 22 16 10 18 26 34 17 28 14 20 24 28 26 34 34 46 26 36 60 80 20 26 54 32 40 32 40 50 42 56 76 84 36
  46 68 32 48 52 56 64 66 54 70 92 93 120 85`;
/** What R's `lowess(cars)` gives at its different speeds, from memory; the npm package @stdlib/stats-lowess gave the same, 1 December 2026. */
const AS_IN_R = `4.9655 13.1245 15.8586 18.5797 21.2803 24.1293 27.1195 30.0273 32.9625 36.7577 40.4351 43.4635 46.8855
  50.7932 56.4912 67.5858 73.0797 78.6432 84.3287`;
const numbers = (text: string) => text.split(/\s+/).map(Number);

describe("a line drawn by lowess", () => {
  it("is R's for a published data set, points of one place among it", () => {
    const [speed, distance] = [numbers(SPEED), numbers(DISTANCE)];
    const line = lowess(speed, distance, 3);
    const atEach = [...new Map(speed.map((place, k) => [place, line[k] as number])).values()];
    expect(atEach.map((value) => value.toFixed(4))).toEqual(numbers(AS_IN_R).map((value) => value.toFixed(4)));
  });

  it("is the straight line that points lie on, but for one that lies far off", () => {
    const x = Array.from({ length: 15 }, (_, k) => k);
    const straight = x.map((place) => 0.2 + 0.05 * place);
    lowess(x, straight, 1).forEach((value, k) => {
      expect(value).toBeCloseTo(straight[k] as number, 10);
    });
    const once = straight.map((value, k) => (k === 7 ? value - 0.4 : value));
    const drop = (steps: number) => (straight[7] as number) - (lowess(x, once, steps)[7] as number);
    expect(drop(0)).toBeGreaterThan(0.05);
    expect(drop(3)).toBeLessThan(drop(0) / 5);
  });

  it("stays as it is where most points lie on it: rounding makes no difference between them", () => {
    const values = [0.3175089520163328, 0.5178458313378551, 0.01298534459558831, 1, 0.15507924889475366];
    const x = values.map((_, k) => k);
    expect(lowess(x, values, 1)).toEqual(lowess(x, values, 0));
  });

  it("of two points and of one is those", () => {
    expect(lowess([0, 1], [0.2, 0.8], 1)).toEqual([0.2, 0.8]);
    expect(lowess([0], [0.2], 1)).toEqual([0.2]);
    expect(lowess([], [], 1)).toEqual([]);
  });
});
