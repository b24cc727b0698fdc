import { describe, expect, it } from "vitest";
import { taughtAtStep } from "../../../tests/taught-at-step.ts";
import { checkDecodable } from "../scope/decodable.ts";
import type { Sequence } from "../scope/sequence.ts";
import { SEQUENCES } from "../scope/sequences.ts";
import { homeWords } from "./home-words.ts";

const SHORT = SEQUENCES[0] as Sequence;

describe("homeWords", () => {
  it("are decodable, hold what is wanted in turn, and are the same for the same seed", () => {
    const taught = taughtAtStep(SHORT, 14);
    const request = { taught, gpcs: ["sh=ʃ", "e=e"], count: 10, seed: 1 };
    const words = homeWords(request);
    expect(words).toHaveLength(10);
    expect(new Set(words).size).toBe(10);
    for (const word of words) expect(checkDecodable(word, taught)).toMatchObject({ decodable: true, missing: [] });
    expect(words.filter((word) => word.includes("sh")).length).toBeGreaterThanOrEqual(4);
    expect(words.filter((word) => word.includes("e")).length).toBeGreaterThanOrEqual(4);
    expect(homeWords(request)).toEqual(words);
  });

  it("leave out what the school keeps out; where nothing is wanted there are words all the same", () => {
    const taught = taughtAtStep(SHORT, 6);
    const all = homeWords({ taught, gpcs: [], count: 10, seed: 1 });
    expect(all).toHaveLength(10);
    const never = all.slice(0, 3);
    for (const word of homeWords({ taught, gpcs: [], count: 10, seed: 1, never })) expect(never).not.toContain(word);
  });
});
