import { describe, expect, it } from "vitest";
import { GENERAL_AMERICAN } from "../sounds/accents.ts";
import {
  type Counters,
  type CountersAction,
  checkCounters,
  countersTask,
  moveCounters,
  newCounters,
} from "./counters.ts";
import type { OralItem } from "./item.ts";
import { oralSet } from "./oral-set.ts";
import { ORAL_SKILLS, type OralSkill } from "./skills.ts";

const itemsOf = (skill: OralSkill): readonly OralItem[] => {
  const set = oralSet({ skill, count: 6, accent: GENERAL_AMERICAN, words: [], seed: 9 });
  return set.ok ? set.items : [];
};
const taskOf = (item: OralItem) => countersTask(item) as NonNullable<ReturnType<typeof countersTask>>;
const moved = (start: Counters, ...actions: CountersAction[]) => actions.reduce(moveCounters, start);
const put: CountersAction = { type: "put" };
const take: CountersAction = { type: "take" };
const lift = (counter: number): CountersAction => ({ type: "lift", counter });

describe("counters", () => {
  it("stand for words that are split sound by sound, and for a sound put in, taken away or changed", () => {
    const served = ORAL_SKILLS.filter((skill) => itemsOf(skill).some((item) => countersTask(item)));
    expect(served).toEqual(ORAL_SKILLS.filter((skill) => /^(split-sounds|add|take|change)/.test(skill)));
  });

  it("split: as many as there are sounds, and no other number", () => {
    for (const item of itemsOf("split-sounds")) {
      const task = taskOf(item);
      const right = moved(newCounters(task), ...Array.from({ length: task.goal }, () => put));
      expect(checkCounters(task, right).code).toBe("right");
      expect(checkCounters(task, moved(right, put)).code).toBe("too-many");
      expect(checkCounters(task, moved(right, take)).code).toBe("too-few");
    }
  });

  it.each(["change-beginning", "change-middle", "change-end"] as const)(
    "%s: the sound that changes is lifted",
    (skill) => {
      for (const item of itemsOf(skill)) {
        const task = taskOf(item);
        const start = newCounters(task);
        expect(checkCounters(task, start).code).toBe("none-lifted");
        start.line.forEach((counter, k) => {
          expect(checkCounters(task, moved(start, lift(counter))).code).toBe(k === task.at ? "right" : "other-sound");
        });
      }
    },
  );

  it.each(["take-beginning", "take-end", "take-from-cluster"] as const)(
    "%s: the sound that goes is taken away",
    (skill) => {
      for (const item of itemsOf(skill)) {
        const task = taskOf(item);
        const start = newCounters(task);
        expect(checkCounters(task, start).code).toBe("too-many");
        for (const counter of start.line)
          expect(checkCounters(task, moved(start, lift(counter), take)).code).toBe(
            counter === task.at ? "right" : "other-sound",
          );
        // One that is put back is another one.
        expect(checkCounters(task, moved(start, lift(task.at ?? 0), take, put, take)).code).toBe("right");
      }
    },
  );

  it.each(["add-beginning", "add-end"] as const)("%s: the new sound is put in at its place", (skill) => {
    for (const item of itemsOf(skill)) {
      const task = taskOf(item);
      const start = newCounters(task);
      const places = [...start.line.map((counter) => moved(start, lift(counter), put)), moved(start, put)];
      places.forEach((line, k) => {
        expect(checkCounters(task, line).code).toBe(k === task.at ? "right" : "other-sound");
      });
    }
  });

  it("a counter is laid down again by a second press, and an empty line stays empty", () => {
    const task = taskOf(itemsOf("change-middle")[0] as OralItem);
    const start = newCounters(task);
    expect(moved(start, lift(1), lift(1))).toEqual(start);
    expect(moved(start, lift(99))).toBe(start);
    expect(moved({ line: [], lifted: undefined, next: 0 }, take).line).toEqual([]);
  });

  it("a line has an end", () => {
    const full = moved(
      newCounters(taskOf(itemsOf("split-sounds")[0] as OralItem)),
      ...Array.from({ length: 20 }, () => put),
    );
    expect(full.line).toHaveLength(8);
  });
});
