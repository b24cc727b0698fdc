import { describe, expect, it } from "vitest";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { classifyMarked } from "../responses/classify.ts";
import type { JudgedResponse } from "./unit-counts.ts";
import { widerFindings } from "./wider-findings.ts";

/** A word read with some units wrong. */
function read(word: string, wrong: readonly number[] = [], said: readonly string[] = []): JudgedResponse {
  const target = shippedLexicon().get(word)?.readings[0];
  if (!target) throw new Error(`${word} is in no list`);
  const answer = {
    outcome: wrong.length > 0 ? "wrong" : "right",
    substitutions: wrong.map((unit) => ({ unit, said })),
  } as const;
  return { target, verdict: classifyMarked(target, answer) };
}
const times = (count: number, one: JudgedResponse): JudgedResponse[] => Array.from({ length: count }, () => one);

describe("beyond single sounds", () => {
  it("consonants side by side stand out against those alone, and are told only where they are clearly harder", () => {
    const clusters = [...times(6, read("stop", [0])), ...times(6, read("stop")), ...times(30, read("pat"))];
    expect(widerFindings(clusters, "read")).toEqual([
      { kind: "cluster", here: { chances: 24, wrong: 6 }, elsewhere: { chances: 72, wrong: 0 } },
    ]);
    expect(widerFindings([read("stop", [0]), ...times(3, read("pat"))], "read")).toEqual([]);
  });

  it("long words against short ones", () => {
    const [long] = widerFindings([...times(8, read("rabbit", [1, 3])), ...times(30, read("pat"))], "read").filter(
      ({ kind }) => kind === "long-word",
    );
    expect(long).toMatchObject({ here: { wrong: 16 }, elsewhere: { chances: 90, wrong: 0 } });
  });

  it("endings against what they are put on, where the list knows the ending", () => {
    const helping = read("helping");
    const units = helping.target.units.length;
    expect(helping.target.joints).toBeDefined();
    const found = widerFindings([...times(8, read("helping", [units - 1])), ...times(10, helping)], "read");
    expect(found.map(({ kind }) => kind)).toContain("ending");
  });

  it("what a prefix is put on is no ending", () => {
    const untie = read("untie");
    expect(untie.target.joints).toBeDefined();
    const last = untie.target.units.length - 1;
    const found = widerFindings([...times(8, read("untie", [last])), ...times(10, untie)], "read");
    expect(found.map(({ kind }) => kind)).not.toContain("ending");
  });

  it("n laid for u and u for n both count, and p for q", () => {
    const turned = [
      ...times(3, read("nut", [0], ["ʌ"])),
      ...times(3, read("nut", [1], ["n"])),
      ...times(3, read("nut")),
    ];
    expect(widerFindings(turned, "built").filter(({ kind }) => kind === "reversal")).toEqual([
      { kind: "reversal", letters: ["u", "n"], times: 6, chances: 18 },
    ]);
    const mirrored = [...times(4, read("quit", [0], ["p"])), ...times(4, read("pit"))];
    expect(widerFindings(mirrored, "built").filter(({ kind }) => kind === "reversal")).toEqual([
      { kind: "reversal", letters: ["p", "q"], times: 4, chances: 8 },
    ]);
  });

  it("letters taken for their mirror pictures, where they are built, by the rule that names every pattern", () => {
    const bed = [...times(4, read("bat", [0], ["d"])), ...times(4, read("bat")), ...times(4, read("dot"))];
    expect(widerFindings(bed, "built").filter(({ kind }) => kind === "reversal")).toEqual([
      { kind: "reversal", letters: ["b", "d"], times: 4, chances: 12 },
    ]);
    expect(widerFindings(bed, "read").some(({ kind }) => kind === "reversal")).toBe(false);
  });

  it("of nothing is nothing", () => {
    expect(widerFindings([], "read")).toEqual([]);
  });
});
