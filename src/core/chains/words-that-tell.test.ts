import { describe, expect, it } from "vitest";
import { taughtAtStep } from "../../../tests/taught-at-step.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { checkDecodable } from "../scope/decodable.ts";
import type { Sequence } from "../scope/sequence.ts";
import { sequenceById } from "../scope/sequences.ts";
import { checkStep } from "./step-check.ts";
import { wordsThatTell } from "./words-that-tell.ts";

const taught = taughtAtStep(sequenceById("phased") as Sequence, 40);
const told = (more: object = {}) => wordsThatTell({ taught, gpc: "e=e", before: "ten", ...more }, 6);
const holds = (word: string) =>
  shippedLexicon()
    .get(word)
    ?.readings[0].units.some(({ phonemes }) => phonemes[0] === "e");

describe("words that would tell", () => {
  it("hold the correspondence, are one step away, and can be read", () => {
    const words = told();
    expect(words).toHaveLength(6);
    for (const word of words) {
      expect(holds(word), word).toBe(true);
      expect(checkStep("ten", word).single, word).toBe(true);
      expect(checkDecodable(word, taught).decodable, word).toBe(true);
    }
  });

  it("that fit before the next word too come first", () => {
    const [first] = told({ after: "pet" });
    expect(checkStep("ten", first as string).single && checkStep(first as string, "pet").single).toBe(true);
    expect(told({ after: "pet" })).not.toContain("pet");
  });

  it("are none that are kept out, or there already; none where the word on the screen has no neighbour with it", () => {
    expect(told({ never: ["pen"], taken: ["hen"] })).not.toEqual(expect.arrayContaining(["pen"]));
    expect(told({ taken: ["hen"] })).not.toContain("hen");
    expect(told({ gpc: "igh=aɪ" })).toEqual([]);
  });
});
