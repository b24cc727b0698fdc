import * as fc from "fast-check";
import { describe, expect, it } from "vitest";
import { GROUP_SIZES, groupFigures, type LearnerToGroup } from "./group-figures.ts";
import { proposeGroups } from "./propose-groups.ts";

const E = { gpc: "e=e", said: ["ɪ"] };
const SH = { gpc: "sh=ʃ", said: ["s"] };
const learner = (id: string, place: number, needs: LearnerToGroup["needs"], groupId = "now"): LearnerToGroup => ({
  id,
  groupId,
  place,
  needs,
});
const need = (one: typeof E, share = 0.5) => ({ ...one, share });

describe("groups", () => {
  it("are of those who need the same and stand at about the same place", () => {
    const room = [
      learner("a", 20, [need(E)]),
      learner("b", 20, [need(SH)]),
      learner("c", 21, [need(E, 0.4)]),
      learner("d", 20, [need(SH, 0.6)]),
      learner("e", 70, [need(E)]),
      learner("f", 72, [need(E)]),
    ];
    expect(proposeGroups(room, { smallest: 2, largest: 2 })).toEqual([
      ["b", "d"],
      ["a", "c"],
      ["e", "f"],
    ]);
    // Far behind or far ahead, somebody with the same need is in another group.
    for (const group of proposeGroups(room)) expect(group.includes("a") && group.includes("e")).toBe(false);
  });

  it("hold everybody once and are of two to six, whoever there is", () => {
    const anyLearner = fc.record({
      place: fc.integer({ min: 0, max: 120 }),
      needs: fc.uniqueArray(fc.constantFrom(need(E), need(SH, 0.3), need({ gpc: "a=æ", said: ["e"] }, 0.8)), {
        maxLength: 3,
      }),
    });
    fc.assert(
      fc.property(fc.array(anyLearner, { minLength: 2, maxLength: 30 }), (some) => {
        const room = some.map(({ place, needs }, k) => learner(`${k}`, place, needs));
        const groups = proposeGroups(room);
        expect(groups.flat().sort()).toEqual(room.map(({ id }) => id).sort());
        for (const { length } of groups) expect(length).toBeLessThanOrEqual(GROUP_SIZES.largest);
        // Alone is only somebody for whom every other group is full.
        const alone = groups.filter(({ length }) => length < GROUP_SIZES.smallest);
        if (alone.length > 0)
          for (const group of groups) if (!alone.includes(group)) expect(group.length).toBe(GROUP_SIZES.largest);
      }),
      { numRuns: 60, seed: 5 },
    );
  });

  it("of nobody are none, of one is one", () => {
    expect(proposeGroups([])).toEqual([]);
    expect(proposeGroups([learner("a", 3, [])])).toEqual([["a"]]);
  });

  it("say what they share, what each gains and loses, and who would go over what they have been taught", () => {
    const room = [
      learner("a", 20, [need(E), need(SH)], "one"),
      learner("b", 20, [need(SH)], "one"),
      learner("c", 26, [need(E)], "two"),
    ];
    const { shared, places, learners } = groupFigures(["a", "c"], room);
    expect(shared).toEqual([{ ...E, learnerIds: ["a", "c"] }]);
    expect(places).toEqual({ least: 20, most: 26 });
    expect(learners).toEqual([
      { learnerId: "a", gains: [E], loses: [SH], ahead: 0 },
      { learnerId: "c", gains: [E], loses: [], ahead: 6 },
    ]);
    expect(groupFigures([], room)).toEqual({ shared: [], places: { least: 0, most: 0 }, learners: [] });
  });
});
