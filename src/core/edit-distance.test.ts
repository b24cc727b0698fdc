import fc from "fast-check";
import { distance } from "fastest-levenshtein";
import { describe, expect, it } from "vitest";
import { editDistance } from "./edit-distance.ts";

describe("edit distance", () => {
  it("is what npm fastest-levenshtein says, over random words", () => {
    const word = fc.string({ unit: fc.constantFrom(..."abcde"), maxLength: 12 });
    fc.assert(
      fc.property(word, word, (a, b) => {
        expect(editDistance(a, b, (x, y) => x === y)).toBe(distance(a, b));
      }),
      { seed: 11, numRuns: 500 },
    );
  });

  it("counts units as they are told alike", () => {
    const same = (x: string, y: string) => x.toLowerCase() === y.toLowerCase();
    expect(editDistance(["SH", "i", "p"], ["sh", "a", "p"], same)).toBe(1);
    expect(editDistance([], ["a", "b"], same)).toBe(2);
    expect(editDistance([], [], same)).toBe(0);
  });
});
