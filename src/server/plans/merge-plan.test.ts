import { describe, expect, it } from "vitest";
import { mergePlan } from "./merge-plan.ts";

interface Part {
  id: string;
  minutes: number;
  ifTime: boolean;
}
const part = (id: string, minutes = 3, ifTime = false): Part => ({ id, minutes, ifTime });
const plan = (ids: string, minutes = 20, changed: Part[] = []) => ({
  minutes,
  activities: [...ids].map((id) => changed.find((one) => one.id === id) ?? part(id)),
});
const order = (merged: ReturnType<typeof mergePlan>) =>
  merged.ok ? merged.plan.activities.map(({ id }) => id).join("") : "conflict";

describe("two people in one plan", () => {
  it.each([
    ["each adds one", "ab", "abx", "aby", "abyx"],
    ["I take one out, they add one", "abc", "ac", "abcy", "acy"],
    ["they take one out that I have moved", "abc", "cab", "ab", "ab"],
    ["I move, they do nothing", "abc", "cab", "abc", "cab"],
    ["they move, I do nothing", "abc", "abc", "bca", "bca"],
    ["both move: mine, with what is new to me at the end", "abc", "cab", "bcay", "caby"],
    ["both take the same one out", "abc", "ac", "ac", "ac"],
    ["I put one back that was out before", "ab", "abc", "ab", "abc"],
    ["I put one back where it was", "bc", "abc", "bc", "abc"],
    ["I put two back in the middle", "ad", "abcd", "ad", "abcd"],
    ["I put one back before what they have moved", "bcd", "abcd", "cdb", "cdab"],
    ["I put one back before what they have taken out", "bc", "abc", "c", "ac"],
    ["I put one back first while they add one", "b", "ab", "by", "aby"],
    ["all is taken out while they add", "ab", "", "abz", "z"],
  ])("%s", (_, base, mine, theirs, merged) => {
    expect(order(mergePlan(plan(base), plan(mine), plan(theirs)))).toBe(merged);
  });

  it("lengths of different activities, and of the lesson, come together", () => {
    const merged = mergePlan(plan("ab"), plan("ab", 20, [part("a", 5)]), plan("ab", 30, [part("b", 3, true)]));
    expect(merged).toEqual({ ok: true, plan: { minutes: 30, activities: [part("a", 5), part("b", 3, true)] } });
  });

  it("one length that both have changed is a conflict, unless they agree", () => {
    const [mine, theirs] = [plan("ab", 20, [part("a", 5)]), plan("ab", 20, [part("a", 7)])];
    expect(mergePlan(plan("ab"), mine, theirs)).toEqual({ ok: false, conflicts: ["a"] });
    expect(order(mergePlan(plan("ab"), mine, mine))).toBe("ab");
  });
});
