import { describe, expect, it } from "vitest";
import { namingPower } from "../statistics/naming-power.ts";
import type { ContrastReport } from "./describe.ts";
import { powerWithRecord } from "./power-with-record.ts";

const PAIR = { a: "u=ʌ", b: "o=ɒ", chancesOf: { a: 6, b: 3 } } as ContrastReport;

describe("a chain's power with a learner's record", () => {
  it("counts the chances of the spelling that is taken for the other, whichever stands first", () => {
    const record = { gpc: "u=ʌ", said: ["ɒ"], times: 4, chances: 10 };
    expect(powerWithRecord(PAIR, record)).toBe(namingPower(6, 0.4, record));
    const other = { gpc: "o=ɒ", said: ["ʌ"], times: 1, chances: 10 };
    expect(powerWithRecord(PAIR, other)).toBe(namingPower(3, 0.3, other));
  });

  it("says nothing of another pair, nor of the same spelling taken for something else", () => {
    expect(powerWithRecord(PAIR, { gpc: "e=e", said: ["ɒ"], times: 4, chances: 10 })).toBeUndefined();
    expect(powerWithRecord(PAIR, { gpc: "u=ʌ", said: ["æ"], times: 4, chances: 10 })).toBeUndefined();
    expect(powerWithRecord(PAIR, { gpc: "u=ʌ", said: [], times: 4, chances: 10 })).toBeUndefined();
  });
});
