import { describe, expect, it } from "vitest";
import { SEQUENCES } from "../scope/sequences.ts";
import { NO_TICKS, taughtAt, tickedAsTaught, ticksOf } from "../scope/taught-set.ts";
import { GENERAL_AMERICAN } from "../sounds/accents.ts";
import { DEFAULT_SCHOOL, type GroupScope, taughtGpcs, taughtOf } from "./school.ts";

const [sequence, other] = SEQUENCES;
if (!sequence || !other) throw new Error("two orders are shipped");
const scope: GroupScope = { sequence, step: 13, ticks: NO_TICKS, school: DEFAULT_SCHOOL };

describe("the taught set of a group", () => {
  it("is the same object for the same set, and another for any other", () => {
    const taught = taughtOf(scope);
    expect(taughtOf({ ...scope, ticks: structuredClone(NO_TICKS) })).toBe(taught);
    const others: GroupScope[] = [
      { ...scope, step: 14 },
      { ...scope, sequence: other },
      { ...scope, ticks: tickedAsTaught(NO_TICKS, "gpcs", "igh=aɪ@end") },
      { ...scope, ticks: tickedAsTaught(NO_TICKS, "words", "yacht") },
      { ...scope, school: { ...DEFAULT_SCHOOL, accent: { accent: "southern-british", mergers: [] } } },
      { ...scope, school: { ...DEFAULT_SCHOOL, accent: { ...GENERAL_AMERICAN, mergers: ["pin-pen"] } } },
    ];
    const all = [taught, ...others.map(taughtOf)];
    expect(new Set(all).size).toBe(all.length);
    for (const one of others)
      expect(taughtOf(one)).toEqual(taughtAt(one.sequence, one.step, ticksOf(one.ticks), one.school.accent));
  });

  it("is right for every step of both orders, one after the other and again", () => {
    for (let round = 0; round < 2; round++)
      for (const one of [sequence, other])
        for (const { number: step } of one.steps)
          expect(taughtOf({ ...scope, sequence: one, step })).toEqual(taughtAt(one, step));
  });

  it("names what is taught the newest first, what is ticked by hand before that", () => {
    const ticked = taughtGpcs({ ...scope, ticks: tickedAsTaught(NO_TICKS, "gpcs", "igh=aɪ") });
    expect(ticked[0]).toBe("igh=aɪ");
    expect(ticked.slice(1)).toEqual(taughtGpcs(scope));
  });
});
