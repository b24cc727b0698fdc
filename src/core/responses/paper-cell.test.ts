import { describe, expect, it } from "vitest";
import { OUTCOMES } from "./outcomes.ts";
import { readPaperCell, writePaperCell } from "./paper-cell.ts";
import { outcomesFor, RESPONSE_MODES } from "./response-modes.ts";

const read = (text: string, mode: "read" | "card" | "oral" = "read", target = "ship") =>
  readPaperCell(text, { target, mode });
const outcomeOf = (text: string, mode?: "read" | "card" | "oral") => {
  const cell = read(text, mode);
  return cell.kind === "answer" ? `${cell.answer.outcome} ${cell.answer.typed ?? ""}`.trim() : cell.kind;
};

describe("a cell of a record sheet", () => {
  it.each([
    ["✓", "right"],
    [".", "right"],
    ["1", "right"],
    [" + ", "right"],
    ["ship", "right"],
    ["Ship", "right"],
    ["t", "after-tapping"],
    ["S", "self-corrected"],
    ["↺", "self-corrected"],
    ["x", "wrong"],
    ["0", "wrong"],
    ["-", "no-attempt"],
    ["chip", "wrong chip"],
    ["constructor", "wrong constructor"],
    ["f i sh", "wrong f i sh"],
    ["", "empty"],
    ["  ", "empty"],
  ])("%j is %s", (text, expected) => expect(outcomeOf(text)).toBe(expected));

  it("takes letters for sounds where no word is read", () => {
    expect(outcomeOf("s", "card")).toBe("wrong s");
    expect(outcomeOf("t", "oral")).toBe("wrong t");
    expect(outcomeOf(".", "card")).toBe("right");
  });

  it.each([
    ["42", "not-letters"],
    ["<b>", "not-letters"],
    ["a".repeat(3_000), "too-long"],
  ])("refuses %j: %s", (text, code) => expect(read(text)).toEqual({ kind: "fault", code }));

  it.each(RESPONSE_MODES)("says again what it was given, in the mode %s", (mode) => {
    for (const outcome of OUTCOMES.filter((one) => one !== "together" && outcomesFor(mode).includes(one))) {
      const answer = { outcome, substitutions: [] };
      const text = writePaperCell(answer);
      expect(readPaperCell(text, { target: "ship", mode }), outcome).toEqual({ kind: "answer", answer });
    }
    const typed = { outcome: "wrong" as const, substitutions: [], typed: "chip" };
    expect(readPaperCell(writePaperCell(typed), { target: "ship", mode })).toEqual({ kind: "answer", answer: typed });
  });
});
