import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { canRedo, canUndo, type History, NO_HISTORY, recorded, redone, undone } from "./history.ts";

const led = (...states: string[]) =>
  states.reduce<{ present: string; history: History<string> }>(
    ({ present, history }, next) => ({ present: next, history: recorded(history, present) }),
    { present: "start", history: NO_HISTORY },
  );

describe("a history", () => {
  it("goes back and on again, step by step", () => {
    const { present, history } = led("a", "b");
    const back = undone(history, present);
    expect(back?.present).toBe("a");
    const start = back && undone(back.history, back.present);
    expect(start?.present).toBe("start");
    expect(start && undone(start.history, start.present)).toBeUndefined();
    const on = start && redone(start.history, start.present);
    expect(on?.present).toBe("a");
    expect(on && redone(on.history, on.present)?.present).toBe("b");
  });

  it("a change after going back forgets what was taken back", () => {
    const { present, history } = led("a", "b");
    const back = undone(history, present);
    const changed = back && recorded(back.history, back.present);
    expect(changed && [canUndo(changed), canRedo(changed)]).toEqual([true, false]);
  });

  it("as many steps back as on lead to where one was, whatever was done", () => {
    fc.assert(
      fc.property(fc.array(fc.string(), { minLength: 1, maxLength: 30 }), fc.nat(29), (states, steps) => {
        let at = led(...states);
        const count = Math.min(steps, states.length);
        for (let k = 0; k < count; k++) at = undone(at.history, at.present) ?? at;
        for (let k = 0; k < count; k++) at = redone(at.history, at.present) ?? at;
        expect(at.present).toBe(states.at(-1));
      }),
      { seed: 5, numRuns: 200 },
    );
  });

  it("is bounded", () => {
    expect(led(...Array.from({ length: 300 }, (_, k) => String(k))).history.past).toHaveLength(100);
  });
});
