import { describe, expect, it } from "vitest";
import { atEnd, withChanges } from "./text-changes.ts";

describe("changes of a text", () => {
  it.each([
    ["", "The mole drew."],
    ["  \n", "The mole drew."],
    ["A cat sat.", "A cat sat. The mole drew."],
    ["A cat sat.\n\n", "A cat sat. The mole drew."],
  ])("a sentence at the end of %j stands behind one space", (text, expected) => {
    expect(withChanges(text, [atEnd(text, "The mole drew.")])).toBe(expected);
  });

  it("all are counted in the text as it was, in whatever order", () => {
    const changes = [
      { from: 0, to: 3, insert: "Mole" },
      { from: 8, to: 11, insert: "badger" },
    ];
    expect(withChanges("Fox and fox.", changes)).toBe("Mole and badger.");
    expect(withChanges("Fox and fox.", changes.toReversed())).toBe("Mole and badger.");
  });
});
