import { describe, expect, it } from "vitest";
import type { LearnerId } from "../../schemas/ids.ts";
import { type PaperGrid, pasteBlock } from "./paper-grid.ts";

const GRID: PaperGrid = {
  learners: ["Gull", "Tern"].map((nickname) => ({ id: nickname as LearnerId, nickname })),
  items: ["ship", "chip", "chop"].map((word, index) => ({ index, target: word, shown: word, mode: "read" })),
};
const pasted = (block: string[][], row = 0, column = 0) => pasteBlock(GRID, block, { row, column });

describe("a block of a spreadsheet", () => {
  it("is laid over the grid from a cell on", () => {
    const found = pasted(
      [
        ["✓", "x"],
        ["shop", ""],
      ],
      0,
      1,
    );
    expect(found.ok && found.cells.map(({ learnerId, item, cell }) => [learnerId, item.shown, cell.kind])).toEqual([
      ["Gull", "chip", "answer"],
      ["Gull", "chop", "answer"],
      ["Tern", "chip", "answer"],
      ["Tern", "chop", "empty"],
    ]);
  });

  it("is not taken at all when one cell of it is at fault, and says which", () => {
    expect(
      pasted([
        ["✓", "✓"],
        ["✓", "42"],
      ]),
    ).toEqual({
      ok: false,
      faults: [{ at: "B2", learner: "Tern", item: "chip", text: "42", code: "not-letters" }],
    });
  });

  it("says what lies outside of the grid; empty cells there are no fault", () => {
    const found = pasted([["✓"], ["✓"], ["✓"]], 0, 2);
    expect(found.ok ? [] : found.faults.map(({ at, code }) => [at, code])).toEqual([["A3", "outside"]]);
    expect(pasted([["✓", ""]], 1, 2).ok).toBe(true);
  });
});
