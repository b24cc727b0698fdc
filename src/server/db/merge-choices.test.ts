import { describe, expect, it } from "vitest";
import { mergeChoices } from "./merge-choices.ts";

describe("choices that two people changed at once", () => {
  const base = { never: ["gull", "tern"], taps: { clusters: false, nasal: false }, accent: "american" };

  it("keep what either of them did", () => {
    const mine = { ...base, never: ["gull", "tern", "auk"], taps: { clusters: true, nasal: false } };
    const theirs = { ...base, never: ["tern", "skua"], taps: { clusters: false, nasal: true } };
    expect(mergeChoices(base, mine, theirs)).toEqual({
      never: ["tern", "skua", "auk"],
      taps: { clusters: true, nasal: true },
      accent: "american",
    });
  });

  it("stay as they are stored where nothing was changed", () => {
    expect(mergeChoices(base, base, { ...base, accent: "british" }).accent).toBe("british");
  });

  it("go by the later one where both changed one of them", () => {
    expect(mergeChoices(base, { ...base, accent: "irish" }, { ...base, accent: "british" }).accent).toBe("irish");
  });

  it("keep a choice that came into being since, and both lists where there was none", () => {
    type Choices = { never: string[]; own?: string[] };
    const before: Choices = { never: [] };
    expect(mergeChoices<Choices>(before, { never: ["gull"] }, { never: [], own: ["zog"] })).toEqual({
      never: ["gull"],
      own: ["zog"],
    });
    const both = mergeChoices<Choices>(before, { never: [], own: ["wick"] }, { never: [], own: ["zog"] });
    expect(both.own).toEqual(["zog", "wick"]);
  });

  it("have a word once, though both put it in", () => {
    const both = { ...base, never: ["gull", "tern", "auk"] };
    expect(mergeChoices(base, { ...both, accent: "irish" }, both).never).toEqual(["gull", "tern", "auk"]);
  });
});
