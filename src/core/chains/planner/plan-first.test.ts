import { describe, expect, it } from "vitest";
import { taughtAtStep } from "../../../../tests/taught-at-step.ts";
import type { Sequence } from "../../scope/sequence.ts";
import { sequenceById } from "../../scope/sequences.ts";
import { planFirst } from "./plan-first.ts";

const taught = taughtAtStep(sequenceById("phased") as Sequence, 60);
const request = { taught, length: 6, seed: 1 };
/** The sw of sword: no two words with it are a step apart. */
const impossible = { focus: ["sw=s"], contrasts: [] };
const anything = { focus: [], contrasts: [] };

describe("planFirst", () => {
  it("takes the first target that a chain can be made for", () => {
    const made = planFirst(request, [impossible, { focus: ["sh=ʃ"], contrasts: [] }, anything]);
    expect(made?.focus).toEqual(["sh=ʃ"]);
    expect(made?.words.some((word) => word.includes("sh"))).toBe(true);
    expect(planFirst(request, [impossible, anything])?.words).toHaveLength(6);
  });

  it("has none where none can be made, or nothing is asked for", () => {
    expect(planFirst(request, [impossible])).toBeUndefined();
    expect(planFirst(request, [])).toBeUndefined();
  });
});
