import { describe, expect, it } from "vitest";
import { GENERAL_AMERICAN } from "../../core/index.ts";
import { activity, CLAP, LAP, PLACE } from "./lesson.fixture.ts";
import { type LessonAction, lessonReducer, startingLesson } from "./lesson-state.ts";
import { type OwnWay, plateOf, platesNear, shownBy } from "./shown.ts";

const LESSON = [
  activity("a", [LAP, CLAP, LAP, CLAP]),
  activity("chain", [CLAP, LAP], { kind: "build-chain", does: "build-chain" }),
];
const START = startingLesson(LESSON, PLACE);
const on = (ways: Record<string, OwnWay> = {}, stuck?: string) => shownBy({ ways, stuck, accent: GENERAL_AMERICAN });
const shownIn = on();
const led = (...actions: LessonAction[]) => actions.reduce(lessonReducer, START);
const next: LessonAction = { type: "next" };
const wordsOf = (plates: ReturnType<typeof platesNear>) =>
  plates.map(({ face }) => (face.kind === "word" ? `${face.reading.word} ${face.stage.closed}` : face.kind));

describe("what a lesson shows", () => {
  it("a moment after the last is the last; the same state has the same plate", () => {
    const state = led({ type: "stage", stage: 99 });
    const shown = shownIn(state, true);
    expect(shown?.at).toBe((shown?.plates.length ?? 0) - 1);
    expect(plateOf(shownIn({ ...state }, true))).toBe(plateOf(shown));
  });

  it("without what changed, the word before and the mark of the change are gone, under a key of its own", () => {
    const state = led(next);
    const withIt = plateOf(shownIn(state, true));
    const without = plateOf(shownIn(state, false));
    expect(withIt?.face).toMatchObject({ before: { word: "lap" }, change: { kind: "add", unit: 0 } });
    expect(without?.face).toMatchObject({ before: undefined, change: undefined });
    expect(without?.key).not.toBe(withIt?.key);
  });

  it("who is stuck at sight has the word to tap, at that item alone", () => {
    const atSight = { a: { way: { support: "at-sight", blending: "sound-by-sound" } } } as const;
    const key = shownIn(START, true)?.itemKey;
    const moments = (stuck?: string) => on(atSight, stuck)(START, true)?.plates.length;
    expect(moments(key)).toBeGreaterThan(moments() as number);
    expect(moments("another item")).toBe(moments());
  });
});

describe("what the next press may bring", () => {
  it("the next moment, the word blended, the word after; each once, and what is shown now", () => {
    const near = platesNear(START, true, shownIn);
    expect(wordsOf(near)).toEqual(expect.arrayContaining(["lap 0", "lap 1", "lap 3", "clap 0"]));
    expect(new Set(near.map(({ key }) => key)).size).toBe(near.length);
  });

  it.each([
    ["tap", { type: "stage", stage: 1 }],
    ["next", next],
    ["back", { type: "back" }],
  ] as const)("%s is among them, wherever the lesson stands", (_, press) => {
    let state = led();
    for (let k = 0; k < 4; k++) {
      const plate = plateOf(shownIn(lessonReducer(state, press), true));
      if (plate) expect(platesNear(state, true, shownIn)).toContainEqual(plate);
      state = lessonReducer(state, next);
    }
  });

  it("with and without what changed since the word before", () => {
    const near = platesNear(led(next), true, shownIn);
    expect(near).toContainEqual(plateOf(shownIn(led(next), false)));
  });

  it("a word that is to be built is never among them: nobody is to see it", () => {
    const last = led(next, next, next);
    expect(plateOf(shownIn(lessonReducer(last, next), true))).toBeUndefined();
    for (const plate of platesNear(last, true, shownIn)) expect(plate.key).not.toMatch(/^chain/);
    const building = on({ a: { building: true } });
    expect(platesNear(START, true, building)).toEqual([]);
  });
});
