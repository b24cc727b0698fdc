import { describe, expect, it } from "vitest";
import { counted, fewOf, moreOf } from "./counted.ts";

describe("what is counted", () => {
  it.each([
    [0, "mark", "0 marks"],
    [1, "mark", "1 mark"],
    [1240, "answer", "1240 answers"],
    // The first word is the thing; what follows says which.
    [2, "word of our own", "2 words of our own"],
  ])("%i and %s: %s", (count, thing, text) => expect(counted(count, thing)).toBe(text));

  it("more of a thing", () =>
    expect([moreOf(1, "chance"), moreOf(3, "chance")]).toEqual(["1 more chance", "3 more chances"]));

  it("a list stays short", () => {
    expect(fewOf(["Heron", "Knot"], 2)).toBe("Heron, Knot");
    expect(fewOf(["Heron", "Knot", "Tern"], 2)).toBe("Heron, Knot and 1 other");
    expect(fewOf(["Heron", "Knot", "Tern", "Rail"], 2)).toBe("Heron, Knot and 2 others");
  });
});
