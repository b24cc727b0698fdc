import { describe, expect, it } from "vitest";
import type { GroupingPage } from "../../server/groups/grouping.ts";
import { asTheyAre, countMoved, moved, partsOf } from "./arrangement.ts";

const group = (id: string, step: number) => ({ id, name: id, sequenceId: "phased", step }) as GroupingPage["groups"][0];
const learner = (id: string, groupId: string, place: number) => ({ id, groupId, place, needs: [], nickname: id });
const PAGE: GroupingPage = {
  groups: [group("one", 10), group("two", 30), group("three", 40)],
  learners: [
    learner("a", "one", 20),
    learner("b", "one", 20),
    learner("c", "two", 50),
    learner("d", "two", 50),
    learner("e", "two", 50),
  ],
  proposed: [["a", "c"], ["b"], ["d", "e"]],
};

describe("an arrangement of groups", () => {
  it("goes on in the groups that there are, as far as they last; a new one stands where its lowest stands", () => {
    const parts = partsOf(PAGE);
    expect(parts.map(({ groupId, learnerIds }) => [groupId, learnerIds])).toEqual([
      ["one", ["a", "c"]],
      [undefined, ["b"]],
      ["two", ["d", "e"]],
      ["three", []],
    ]);
    expect(parts[1]).toMatchObject({ name: "New group 2", sequenceId: "phased", step: 10 });
    expect(countMoved(parts, PAGE)).toBe(2);
  });

  it("holds everybody once, wherever somebody is moved", () => {
    const there = moved(partsOf(PAGE), "a", "two");
    expect(there.flatMap(({ learnerIds }) => learnerIds).sort()).toEqual(["a", "b", "c", "d", "e"]);
    expect(there.find(({ key }) => key === "two")?.learnerIds).toEqual(["d", "e", "a"]);
  });

  it("as they are, moves nobody", () => {
    expect(countMoved(asTheyAre(PAGE), PAGE)).toBe(0);
  });
});
