import { describe, expect, it } from "vitest";
import { NO_TICKS, SEQUENCES, taughtAt, ticksOf } from "../../core/light.ts";
import { countTicks, type Item, itemsOf, stateOf, toggle } from "./ticks-state.ts";

const SH: Item = { kind: "gpcs", token: "sh=ʃ" };

describe("ticks", () => {
  it("a thing not yet taught is added and taken back; a taught one is taken away and given back", () => {
    const added = toggle(SH, false, NO_TICKS);
    expect([stateOf(SH, false, NO_TICKS), stateOf(SH, false, added)]).toEqual(["not-yet", "added"]);
    expect(toggle(SH, false, added)).toEqual(NO_TICKS);
    const away = toggle(SH, true, NO_TICKS);
    expect([stateOf(SH, true, NO_TICKS), stateOf(SH, true, away)]).toEqual(["taught", "taken-away"]);
    expect(toggle(SH, true, away)).toEqual(NO_TICKS);
    expect(countTicks(toggle({ kind: "words", token: "the" }, true, added))).toBe(2);
  });

  it("what the screen shows as taught is what the core counts as taught", () => {
    const [sequence] = SEQUENCES;
    if (!sequence) throw new Error("no sequence");
    let ticks = NO_TICKS;
    for (const step of sequence.steps)
      for (const item of itemsOf(step)) if (step.number % 3 === 0) ticks = toggle(item, step.number <= 12, ticks);
    const taught = taughtAt(sequence, 12, ticksOf(ticks));
    let words = 0;
    for (const step of sequence.steps)
      for (const item of itemsOf(step)) {
        if (item.kind !== "words") continue;
        words++;
        const shown = stateOf(item, step.number <= 12, ticks);
        expect(taught.words.has(item.token), `${item.token} ${shown}`).toBe(shown === "taught" || shown === "added");
      }
    expect(words).toBeGreaterThan(10);
  });
});
