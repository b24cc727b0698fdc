import Papa from "papaparse";
import { describe, expect, it } from "vitest";
import { calendarText, csvFile, withoutGuard } from "./files.ts";

const HOSTILE = ["=HYPERLINK(1)", "+1", "-1", "@x", "\tx", "\rx", 'say "ah"', "a,b", "a\nb", "plain", "'quoted"];

describe("a CSV file", () => {
  it("has no cell that a spreadsheet would run, and gives every cell back as it was", async () => {
    const text = await csvFile("x", [["word"], ...HOSTILE.map((cell) => [cell])]).text();
    const cells = Papa.parse<string[]>(text.replace(/^\uFEFF/, ""), { skipEmptyLines: true }).data.map(
      ([cell]) => cell ?? "",
    );
    for (const cell of cells) expect(cell).not.toMatch(/^[=+\-@\t\r]/);
    expect(cells.map(withoutGuard)).toEqual(["word", ...HOSTILE]);
  });
});

describe("a value of a calendar file", () => {
  it("stays within its line and its property", () => {
    const escaped = calendarText("Gulls\r\nEND:VCALENDAR\nSUMMARY:x;y,z\\");
    expect(escaped).toBe("Gulls\\nEND:VCALENDAR\\nSUMMARY:x\\;y\\,z\\\\");
  });
});
