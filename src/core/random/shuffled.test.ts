import { expect, it } from "vitest";
import { seededRandom } from "./seeded-random.ts";
import { shuffled } from "./shuffled.ts";

it("loses nothing, leaves the list as it was, and gives every order about as often", () => {
  const list = ["a", "b", "c"];
  const random = seededRandom(1);
  const counts = new Map<string, number>();
  for (let k = 0; k < 6000; k++) {
    const order = shuffled(list, random).join("");
    counts.set(order, (counts.get(order) ?? 0) + 1);
  }
  expect(list).toEqual(["a", "b", "c"]);
  expect(counts.size).toBe(6);
  // A thousand each; five standard deviations are about 145.
  for (const count of counts.values()) expect(Math.abs(count - 1000)).toBeLessThan(150);
  expect(shuffled(list, seededRandom(7))).toEqual(shuffled(list, seededRandom(7)));
});
