import { describe, expect, it } from "vitest";
import { CHECKLIST_POINTS, DEFAULT_CHECKLIST, DICTATION_STEPS, dictationSteps } from "./dictation-steps.ts";

describe("the steps of a dictation", () => {
  it("of a sentence are all of them, in order", () => {
    expect(dictationSteps("sentence", true)).toEqual(DICTATION_STEPS);
  });

  it("of a word leave out what only a sentence has", () => {
    expect(dictationSteps("word", true)).toEqual(["hear", "say", "tap", "write", "read-back", "compare"]);
  });

  it("leave out the look for what nobody is asked to look for", () => {
    expect(dictationSteps("sentence", false)).not.toContain("check");
  });

  it("show what is right last, after it was written and read back", () => {
    for (const of of ["word", "sentence"] as const) expect(dictationSteps(of, true).at(-1)).toBe("compare");
  });

  it("have a checklist with every point once", () => {
    expect(DEFAULT_CHECKLIST.map(({ point }) => point)).toEqual(CHECKLIST_POINTS);
  });
});
