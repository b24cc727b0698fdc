import { describe, expect, it } from "vitest";
import { DEFAULT_SHAPE, requestOf } from "../../core/light.ts";
import { readTiles, writeTiles } from "./ShapePanel.tsx";

describe("tiles in the box", () => {
  it.each([
    ["a a t sh", { a: 2, t: 1, sh: 1 }],
    ["a2, t ×3 a-e", { a: 2, t: 1, "a-e": 1 }],
    ["a×2 t*3", { a: 2, t: 3 }],
    ["7 🙂", {}],
  ])("%j", (text, tiles) => {
    expect(readTiles(text)).toEqual(tiles);
  });

  it("nothing written: nobody counts; what is written comes back", () => {
    expect(readTiles("  ")).toBeUndefined();
    expect(readTiles(writeTiles({ a: 2, sh: 1 }))).toEqual({ a: 2, sh: 1 });
  });
});

describe("a shape as a request", () => {
  it("locked words keep their places and the chain its length; without any the length is what is asked", () => {
    const shape = { ...DEFAULT_SHAPE, length: 12, locked: ["pin"] };
    expect(requestOf(shape, ["pit", "pin", "pen"])).toEqual({ length: 3, fixed: [undefined, "pin", undefined] });
    expect(requestOf({ ...shape, locked: [] }, ["pit", "pin"])).toEqual({ length: 12 });
  });

  it("how often a pair is mixed up goes with the power asked for", () => {
    const shape = { ...DEFAULT_SHAPE, reachPower: { atLeast: 0.8 }, mixedUp: 0.25 };
    expect(requestOf(shape, []).reachPower).toEqual({ atLeast: 0.8, share: 0.25 });
  });
});
