import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { DEFAULT_MASTERY } from "../evidence/mastery.ts";
import { addDays } from "../statistics/add-days.ts";
import { type CardAnswer, cardPack } from "./card-pack.ts";
import { clockState } from "./clock.ts";
import type { TimedActivity } from "./fit.ts";
import { DEFAULT_PRACTICE, thinkingAfter } from "./settings.ts";
import { weekPlan } from "./week-plan.ts";
import { type TurnTaker, turnOrder } from "./whose-turn.ts";

describe("whose turn", () => {
  const taker = (id: string, needs: Record<string, number> = {}, turns = 0): TurnTaker => ({ id, needs, turns });
  const names = ["a", "b", "c", "d", "e", "f", "g", "h"];

  it("is fair, whatever the needs: nobody ever has two turns more than somebody else", () => {
    const need = fc.dictionary(fc.constantFrom("x", "y", "z"), fc.double({ min: 0, max: 1, noNaN: true }));
    fc.assert(
      fc.property(
        fc.array(need, { minLength: 1, maxLength: 8 }),
        fc.array(fc.array(fc.constantFrom("x", "y", "z"), { maxLength: 3 }), { maxLength: 25 }),
        fc.integer(),
        (needs, words, seed) => {
          const learners = needs.map((own, k) => taker(names[k] as string, own));
          const had = new Map(learners.map(({ id }) => [id, 0]));
          for (const id of turnOrder(words, learners, seed)) {
            had.set(id, (had.get(id) ?? 0) + 1);
            expect(Math.max(...had.values()) - Math.min(...had.values())).toBeLessThanOrEqual(1);
          }
          expect([...had.values()].reduce((sum, one) => sum + one, 0)).toBe(words.length);
        },
      ),
      { seed: 4, numRuns: 150 },
    );
  });

  it("gives each learner the word with the sound that the records say they need", () => {
    const learners = [taker("a", { "e=e": 0.6 }), taker("b", { "sh=ʃ": 0.4 }), taker("c")];
    const words = [["p=p"], ["sh=ʃ"], ["e=e"], ["e=e"], ["t=t"], ["sh=ʃ"]];
    for (let seed = 0; seed < 20; seed++)
      expect(turnOrder(words, learners, seed)).toEqual(["c", "b", "a", "a", "c", "b"]);
  });

  it("of all ways of dealing a round out it takes one with the greatest sum of needs", () => {
    const needs = fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { minLength: 4, maxLength: 4 });
    fc.assert(
      fc.property(fc.array(needs, { minLength: 4, maxLength: 4 }), (table) => {
        const learners = table.map((own, k) =>
          taker(names[k] as string, Object.fromEntries(own.map((need, word) => [`w${word}`, need]))),
        );
        const order = turnOrder([["w0"], ["w1"], ["w2"], ["w3"]], learners, 1);
        const sumOf = (ids: readonly string[]) =>
          ids.reduce((sum, id, word) => sum + (table[names.indexOf(id)]?.[word] ?? 0), 0);
        for (const other of permutations(names.slice(0, 4)))
          expect(sumOf(order)).toBeGreaterThanOrEqual(sumOf(other) - 1e-9);
      }),
      { seed: 2, numRuns: 60 },
    );
  });

  it("who is behind catches up first; without learners there is no order", () => {
    expect(turnOrder([["x"], ["x"], ["x"]], [taker("a", {}, 2), taker("b")], 1)).toEqual(["b", "b", "a"]);
    expect(turnOrder([["x"]], [], 1)).toEqual([]);
  });
});

function permutations<T>(all: readonly T[]): T[][] {
  if (all.length === 0) return [[]];
  return all.flatMap((one, k) => permutations([...all.slice(0, k), ...all.slice(k + 1)]).map((rest) => [one, ...rest]));
}

describe("the clock of a lesson", () => {
  const part = (id: string, minutes: number, more: Partial<TimedActivity> = {}): TimedActivity => ({
    id,
    kind: "find-it",
    minutes,
    ifTime: false,
    heldBack: false,
    ...more,
  });
  const lesson = [part("1", 5), part("2", 5), part("3", 5), part("4", 5, { ifTime: true })];

  it("in time, nothing is late and nothing is dropped", () => {
    expect(clockState(lesson, 15, { 1: 300, 2: 60 }, "2")).toEqual({ late: 0, drop: [], fitsIfTime: undefined });
  });

  it("what is used beyond an activity's minutes makes the rest late; what to leave out is named", () => {
    expect(clockState(lesson, 15, { 1: 480, 2: 60 }, "2")).toEqual({ late: 3, drop: ["3"], fitsIfTime: undefined });
    // Twenty seconds over are no delay worth a word.
    expect(clockState(lesson, 15, { 1: 320 }, "1").late).toBe(0);
  });

  it("words held back are not left out; room for what is done if there is time is told", () => {
    const ending = [part("1", 5), part("2", 5, { heldBack: true })];
    expect(clockState(ending, 10, { 1: 600 }, "1")).toMatchObject({ late: 5, drop: [] });
    expect(clockState(lesson, 25, { 1: 300, 2: 300, 3: 200 }, "3").fitsIfTime).toBe("4");
  });
});

describe("time to think", () => {
  it.each([
    ["shorter", 5, 0, 5],
    ["shorter", 5, 2, 3],
    ["shorter", 5, 9, 2],
    ["shorter", 1, 3, 1],
    ["longer", 5, 3, 8],
    ["longer", 19, 9, 20],
    ["stays", 5, 9, 5],
    ["shorter", 0, 3, 0],
    ["longer", 0, 3, 0],
  ] as const)("%s: %i seconds after %i lessons are %i", (fading, thinking, lessons, seconds) => {
    expect(thinkingAfter({ ...DEFAULT_PRACTICE, thinking, fading }, lessons)).toBe(seconds);
  });
});

describe("a learner's pack", () => {
  const order = Array.from({ length: 14 }, (_, k) => `c${k}`);
  const at = (day: number) => `${addDays("2026-09-01", day)}T09:00:00Z`;
  const answers = (card: string, days: readonly number[], right = true): CardAnswer[] =>
    days.map((day) => ({ card, right, at: at(day) }));
  const on = (day: number, given: readonly CardAnswer[]) => cardPack(order, given, addDays("2026-09-01", day));

  it("begins with the first ten; the others wait", () => {
    expect(on(0, [])).toEqual({ pack: order.slice(0, 10), due: [], resting: [], waiting: order.slice(10) });
  });

  it("a card right nine times of the last ten on two days leaves, and the next one comes in", () => {
    const nine = answers("c0", [0, 0, 0, 0, 1, 1, 1, 1, 1]);
    expect(on(1, nine.slice(0, 8)).pack).toContain("c0");
    const pack = on(1, nine);
    expect(pack.pack).toEqual(order.slice(1, 11));
    expect(pack.resting).toEqual([{ card: "c0", on: "2026-09-09" }]);
    // All on one day is not yet known; one substitution among ten does not matter.
    expect(on(0, answers("c0", Array(12).fill(0))).pack).toContain("c0");
    expect(on(2, [...answers("c0", [0], false), ...nine]).pack).not.toContain("c0");
  });

  it("comes back to be looked at, rests longer when right, comes back to be learnt when wrong", () => {
    const known = answers("c0", [0, 0, 0, 0, 1, 1, 1, 1, 1]);
    expect(on(8, known).due).toEqual(["c0"]);
    const again = [...known, ...answers("c0", [8])];
    expect(on(9, again).resting).toEqual([{ card: "c0", on: addDays("2026-09-01", 8 + 14) }]);
    // Before it is due a right answer moves nothing, a wrong one brings it back, first in the pack.
    expect(on(9, [...known, ...answers("c0", [3])]).due).toEqual(["c0"]);
    expect(on(4, [...known, ...answers("c0", [3], false)]).pack[0]).toBe("c0");
    const wrongAgain = [...again, ...answers("c0", [22], false), ...answers("c0", Array(8).fill(23))];
    expect(on(23, wrongAgain).pack[0]).toBe("c0");
  });

  it("what has been begun stays in the pack, whatever newer cards come before it", () => {
    const newer = ["new1", "new2", ...order];
    const pack = cardPack(newer, answers("c9", [0]), "2026-09-02");
    expect(pack.pack.slice(0, 3)).toEqual(["c9", "new1", "new2"]);
    expect(pack.pack).toHaveLength(10);
  });

  it("every card is in exactly one place, whatever was answered, in whatever order it is told", () => {
    const answer = fc.record({
      card: fc.constantFrom(...order),
      right: fc.boolean(),
      at: fc.integer({ min: 0, max: 60 }).map(at),
    });
    fc.assert(
      fc.property(fc.array(answer, { maxLength: 200 }), (given) => {
        const pack = cardPack(order, given, "2026-10-15", { right: 2, of: 3, days: 1 }, 4);
        const all = [...pack.pack, ...pack.due, ...pack.waiting, ...pack.resting.map(({ card }) => card)];
        expect([...all].sort()).toEqual([...order].sort());
        expect(pack.pack.length).toBeLessThanOrEqual(4);
        const sorted = [...given].sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0));
        expect(cardPack(order, sorted, "2026-10-15", { right: 2, of: 3, days: 1 }, 4)).toEqual(pack);
      }),
      { seed: 6, numRuns: 100 },
    );
  });

  it("the school's own numbers decide", () => {
    expect(DEFAULT_MASTERY).toEqual({ right: 9, of: 10, days: 2 });
    const pack = cardPack(order, answers("c0", [0, 0, 0]), "2026-09-01", { right: 3, of: 4, days: 1 }, 3);
    expect(pack.pack).toEqual(["c1", "c2", "c3"]);
  });
});

describe("a week", () => {
  const days = ["2026-11-30", "2026-12-01", "2026-12-02", "2026-12-03", "2026-12-04"];
  const week = (more: object = {}) =>
    weekPlan({ days, candidates: ["e=e", "u=ʌ", "sh=ʃ"], known: ["b=b", "d=d", "m=m", "p=p"], ...more });

  it("two lessons each in order of want, and each again later", () => {
    const plan = week();
    expect(plan.map(({ focus }) => focus)).toEqual([["e=e"], ["e=e"], ["u=ʌ"], ["u=ʌ"], ["sh=ʃ"]]);
    expect(plan[2]?.review).toContain("e=e");
    expect(plan[4]?.review.slice(0, 2)).toEqual(["e=e", "u=ʌ"]);
  });

  it("a day has at most three again, none of them its own focus, none twice", () => {
    for (const { focus, review } of week()) {
      expect(review.length).toBeLessThanOrEqual(3);
      expect(new Set(review).size).toBe(review.length);
      expect(review).not.toContain(focus[0]);
    }
  });

  it("a focus chosen by hand stands, and the others keep their order", () => {
    const plan = week({ chosen: { "2026-12-01": "m=m" } });
    expect(plan.map(({ focus }) => focus[0])).toEqual(["e=e", "m=m", "e=e", "u=ʌ", "u=ʌ"]);
    expect(plan[2]?.review).toContain("m=m");
  });

  it("no days, no plan; nothing to be about, only what comes again", () => {
    expect(week({ days: [] })).toEqual([]);
    expect(week({ candidates: [] }).every(({ focus }) => focus.length === 0)).toBe(true);
  });
});
