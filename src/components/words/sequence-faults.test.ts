import { describe, expect, it } from "vitest";
import { type RowFault, readSequenceRows, segmentations } from "../../core/index.ts";
import { rowFaultWords, rowProblemWords } from "./sequence-faults.ts";

const rules = { lookUp: (word: string) => segmentations(word), unsuitable: (word: string) => word === "badword" };
const row = (spellings: string, more = {}) => ({ name: "", spellings, patterns: "", irregularWords: "", ...more });

describe("faults of a sequence in words", () => {
  it.each([
    [row("ßß"), /is not a spelling.*ow \(snow\)/],
    [row("qx"), /spells no sound in English/],
    [row("sh=/💥/"), /is not a sound we know.*sh \(…\)/],
    [row("sh=/k/"), /does not spell.*sh as in ship/],
    [row("ow"), /Which one\? ow as in snow, ow as in cow/],
    [row("ow (zzzz)"), /zzzz is not in the word list/],
    [row("ow (cat)"), /cat is not spelt with ow/],
    [row("ck@top"), /Use @start, @inside or @end/],
    [row("s", { patterns: "cvcvc" }), /is not a pattern/],
    [row("s", { irregularWords: "o’clock naïve" }), /letters a to z/],
    [row("s", { irregularWords: "badword" }), /not a word for a reading lesson/],
    [row("s", { name: "x".repeat(80) }), /at most 60 letters/],
    [row(""), /teaches nothing/],
  ])("%j", (bad, says) => {
    const { problems } = readSequenceRows([bad], rules);
    expect(problems.length).toBeGreaterThan(0);
    expect(problems.map(({ fault }) => rowFaultWords(fault)).join("\n")).toMatch(says);
  });

  it("say where: the step in the editor, the line in a file", () => {
    const [problem] = readSequenceRows([row("s"), row("s")], rules).problems;
    if (!problem) throw new Error("no problem found");
    expect(rowProblemWords(problem, undefined)).toBe("Step 2, spellings: s is taught already at step 1.");
    expect(rowProblemWords(problem, [2, 7])).toMatch(/^Line 7, spellings/);
    const many: RowFault = { code: "too-many-steps", most: 200 };
    expect(rowFaultWords(many)).toContain("200");
  });
});
