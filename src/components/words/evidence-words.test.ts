import { describe, expect, it } from "vitest";
import type { ProbeBelief } from "../../core/light.ts";
import { beliefWords, probeEndWords, questionWords, widerWords } from "./evidence-words.ts";

const belief = (more: Partial<ProbeBelief> = {}): ProbeBelief => ({
  ...{ gpc: "e=e", said: ["ɪ"], times: 3, chances: 5, likely: 0.9, state: "named" },
  ...more,
});

describe("what is taken for what, in words", () => {
  it("names the letters and the sound; what is left out is said so", () => {
    expect(questionWords(belief())).toBe("e as short i as in pin");
    expect(questionWords({ gpc: "n=n", said: [] })).toBe("n left out");
  });

  it("says how often, and that it is a pattern only where it is named", () => {
    expect(beliefWords(belief())).toBe("3 of 5, a pattern");
    expect(beliefWords(belief({ state: "open", times: 1 }))).toBe("1 of 5");
  });
});

describe("the end of a probe", () => {
  it("says why it is over, what was found, and what is left", () => {
    expect(probeEndWords([belief()], 9, "settled")).toBe("All is settled. Found: e as short i as in pin, 3 of 5.");
    expect(probeEndWords([belief({ state: "ruled-out" })], 1, "settled")).toBe("All is settled. No pattern in 1 word.");
    expect(probeEndWords([belief({ state: "open" }), belief({ state: "open" })], 20, "time")).toBe(
      "Three minutes are over. No pattern in 20 words. 2 questions still open.",
    );
    expect(probeEndWords([belief({ state: "open" })], 4, "no-word")).toMatch(
      /^No word is left that would tell more\..*1 question still open\.$/,
    );
  });
});

describe("beyond single sounds, in words", () => {
  it.each(["cluster", "ending", "long-word"] as const)("%s: this against that, with both figures", (kind) => {
    const words = widerWords({ kind, here: { chances: 20, wrong: 9 }, elsewhere: { chances: 90, wrong: 3 } });
    expect(words).toMatch(/9 of 20 wrong; .*: 3 of 90 wrong$/);
  });

  it("letters taken for their mirror pictures", () => {
    expect(widerWords({ kind: "reversal", letters: ["b", "d"], times: 4, chances: 12 })).toBe(
      "b and d taken for each other: 4 of 12",
    );
  });
});
