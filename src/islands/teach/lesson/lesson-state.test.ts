import { describe, expect, it } from "vitest";
import { DEFAULT_PRACTICE, GENERAL_AMERICAN } from "../../../core/index.ts";
import type { TeachItem } from "../../../server/sessions/teach-page.ts";
import { answerOf, type Board, boardReducer, firstWrong, graphemesOn, newBoard } from "./board.ts";
import { displaysOf } from "./displays.ts";
import { activity, CLAP, itemOf, LAP, PLACE } from "./lesson.fixture.ts";
import {
  type LessonAction,
  type LessonState,
  lessonReducer,
  orderOf,
  otherActivity,
  startingLesson,
} from "./lesson-state.ts";

const LESSON = [activity("a", [LAP, CLAP, LAP, CLAP]), activity("b", [CLAP]), activity("c", [LAP, CLAP])];
const led = (...actions: LessonAction[]): LessonState => actions.reduce(lessonReducer, startingLesson(LESSON, PLACE));
const at = ({ activity, item }: LessonState) => `${activity}/${item}`;
const next: LessonAction = { type: "next" };
const back: LessonAction = { type: "back" };

describe("the place in a lesson", () => {
  it("goes on from word to word, into the next activity, and back to the end of the one before", () => {
    expect(at(led(next, next))).toBe("0/2");
    expect(at(led(next, next, next, next))).toBe("1/0");
    expect(at(led(next, next, next, next, back))).toBe("0/3");
    expect(at(led(back))).toBe("0/0");
    expect(at(led({ type: "activity", activity: 2 }, next, next, next))).toBe("2/1");
  });

  it("a new word begins at its first moment", () => {
    expect(led({ type: "stage", stage: 3 }).stage).toBe(3);
    expect(led({ type: "stage", stage: 3 }, next).stage).toBe(0);
  });

  it("an activity that has grown goes by the name that the page gave it", () => {
    const state = startingLesson([activity("a", [LAP], { title: "Word list" })], PLACE);
    const grown = activity("a", [LAP, CLAP]);
    const { activities } = lessonReducer(state, { type: "activity-grown", activity: grown, comes: "last" });
    expect(activities).toMatchObject([{ title: "Word list", items: grown.items }]);
  });

  it("goes on where it was left, with what had been added since", () => {
    const grown = led({ type: "activity-grown", activity: activity("c", [LAP, CLAP, LAP]), comes: "last" });
    const left = { ...PLACE, activity: 2, item: 2, stage: 1, skipped: ["b"] };
    const there = lessonReducer(grown, { type: "restore-place", place: left });
    expect([at(there), there.stage, there.skipped]).toEqual(["2/2", 1, ["b"]]);
    expect(at(lessonReducer(there, { type: "activity", activity: 0 }))).toBe("0/0");
    expect(at(led({ type: "restore-place", place: { ...left, item: 99 } }))).toBe("2/1");
  });

  it("what is left out is passed over both ways, and can be brought back", () => {
    const without = led({ type: "skip", ids: ["b"] }, { type: "item", item: 3 }, next);
    expect(at(without)).toBe("2/0");
    expect(at(lessonReducer(without, back))).toBe("0/3");
    expect(otherActivity(lessonReducer(without, { type: "bring-back", id: "b" }), -1)).toBe(1);
    // The activity on the screen makes room for the next one; the last one is never left out.
    expect(at(led({ type: "skip", ids: ["a"] }))).toBe("1/0");
    expect(at(led({ type: "skip", ids: ["a", "b", "c"] }))).toBe("0/0");
  });

  it("shuffles only what is to come, and loses nothing", () => {
    let turn = 0;
    const state = led(next, { type: "shuffle", random: () => [0, 0.9, 0.4][turn++ % 3] as number });
    expect(orderOf(state).slice(0, 2)).toEqual([0, 1]);
    expect([...orderOf(state)].sort()).toEqual([0, 1, 2, 3]);
    expect(at(state)).toBe("0/1");
  });

  it("drops a word, but never the last one", () => {
    expect(orderOf(led(next, { type: "drop-item" }))).toEqual([0, 2, 3]);
    expect(at(led({ type: "item", item: 3 }, { type: "drop-item" }))).toBe("0/2");
    expect(orderOf(led({ type: "activity", activity: 1 }, { type: "drop-item" }))).toEqual([0]);
  });

  it("words added on the spot come next, words repeated come last", () => {
    const grown = activity("a", [LAP, CLAP, LAP, CLAP, LAP]);
    expect(orderOf(led(next, { type: "activity-grown", activity: grown, comes: "next" }))).toEqual([0, 1, 4, 2, 3]);
    expect(orderOf(led(next, { type: "activity-grown", activity: grown, comes: "last" }))).toEqual([0, 1, 2, 3, 4]);
  });

  it("a kept place that no longer fits is brought within the lesson", () => {
    expect(at(startingLesson(LESSON, { ...PLACE, activity: 9, item: 9 }))).toBe("2/1");
    expect(at(startingLesson(LESSON, { ...PLACE, item: 3, orders: { a: [2, 1] } }))).toBe("0/1");
  });
});

describe("the board", () => {
  const on = (board: Board) => graphemesOn(board).join(" ");
  const put = (board: Board, label: string, position?: number): Board => {
    const tile = board.tray.findIndex((one, k) => one.label === label && !board.placed.includes(k));
    return boardReducer(board, { type: "put", tile, ...(position !== undefined && { at: position }) });
  };

  it("begins with the word before; a tile goes where the caret is", () => {
    const start = newBoard(CLAP, LAP);
    expect(on(start)).toBe("l a p");
    expect(on(put(start, "c"))).toBe("l a p c");
    expect(on(put(boardReducer(start, { type: "caret", at: 0 }), "c"))).toBe("c l a p");
    expect(on(put(start, "c", 0))).toBe("c l a p");
    expect(on(newBoard(CLAP, undefined))).toBe("");
  });

  it("a tile dragged along the line moves; taken off, the caret stays in its place", () => {
    const start = put(newBoard(CLAP, LAP), "c");
    const tile = start.placed[3] as number;
    expect(on(boardReducer(start, { type: "put", tile, at: 0 }))).toBe("c l a p");
    expect(on(boardReducer(start, { type: "put", tile: start.placed[0] as number, at: 3 }))).toBe("a p l c");
    const off = boardReducer(start, { type: "take", at: 1 });
    expect(on(off)).toBe("l p c");
    expect(on(put(off, "e"))).toBe("l e p c");
    expect(boardReducer(start, { type: "take", at: 9 })).toBe(start);
  });

  it("typed letters put tiles that are there, and only those", () => {
    const typed = (board: Board, letters: string) =>
      [...letters].reduce((one, letter) => boardReducer(one, { type: "letter", letter }), board);
    expect(on(typed(newBoard(CLAP, undefined), "clap"))).toBe("c l a p");
    expect(on(typed(newBoard(CLAP, undefined), "xxc"))).toBe("c");
    expect(on(typed(newBoard(CLAP, undefined), "cc"))).toBe("c");
  });

  it("is looked at when asked: every attempt is kept, a move makes it open again", () => {
    const check = (board: Board) => boardReducer(board, { type: "check", target: CLAP });
    const first = check(newBoard(CLAP, LAP));
    expect(first).toMatchObject({ right: false, attempts: [["l", "a", "p"]] });
    expect(firstWrong(first, CLAP)).toBe(0);
    const second = check(put(first, "c", 0));
    expect(second.right).toBe(true);
    expect(answerOf(second, CLAP)).toEqual({
      outcome: "self-corrected",
      substitutions: [],
      built: [
        ["l", "a", "p"],
        ["c", "l", "a", "p"],
      ],
    });
    expect(boardReducer(second, { type: "clear" })).toMatchObject({ right: false, placed: [] });
    const empty = newBoard(CLAP, undefined);
    expect(check(empty)).toBe(empty);
  });
});

describe("what learners see", () => {
  const on = {
    activity: { items: [], walk: undefined },
    way: DEFAULT_PRACTICE,
    before: undefined,
    accent: GENERAL_AMERICAN,
    checklist: ["capital letter"],
    readingBy: "word" as const,
  };
  const kinds = (item: TeachItem, more: Partial<typeof on> | { before: TeachItem } = {}) =>
    displaysOf(item, { ...on, ...more }).map(({ kind }) => kind);

  it.each([
    [{ code: "card", gpc: "a-e=eɪ", grapheme: "a-e", sound: ["eɪ"] }, ["letters"]],
    [{ code: "spell", sound: ["k"], graphemes: ["c", "k"] }, ["listen", "several"]],
    [{ code: "dictate", word: "clap" }, ["dictated", "dictated", "dictated", "dictated", "dictated", "word", "word"]],
    [{ code: "dictate-sentence", sentence: "I clap." }, Array.from({ length: 8 }, () => "dictated")],
    [{ code: "find", word: "clap", among: ["clap", "lap"] }, ["choices", "choices"]],
    [{ code: "gap", word: "clap", unit: 2, gapped: "cl_p", choices: ["a", "e"] }, ["gap", "gap"]],
    [{ code: "judge", word: "clap", shown: "lap" }, ["judged", "judged"]],
    [{ code: "whole", word: "clap" }, ["word"]],
    [{ code: "text", text: "Stand up" }, ["text"]],
  ] as const)("%j: %j", (prompt, expected) => {
    expect(kinds(itemOf(CLAP, 0, prompt as TeachItem["prompt"]))).toEqual(expected);
  });

  it("a word said to be written or spelt is on no display before it is time", () => {
    const displays = displaysOf(itemOf(CLAP, 0, { code: "dictate", word: "clap" }), on);
    expect(JSON.stringify(displays.slice(0, 5))).not.toContain("clap");
    const sentence = displaysOf(itemOf(CLAP, 0, { code: "dictate-sentence", sentence: "I clap." }), on);
    expect(JSON.stringify(sentence.slice(0, -1))).not.toContain("clap");
    expect(sentence.at(-1)).toMatchObject({ step: "compare", text: "I clap." });
    const [question] = displaysOf(itemOf(CLAP, 0, { code: "spell", sound: ["k"], graphemes: ["ck"] }), on);
    expect(JSON.stringify(question)).not.toContain("ck");
  });

  it("a dictated word that cannot be read by rule has nothing to tap, and stands as it is in the end", () => {
    const prompt = { code: "dictate", word: "zud" } as const;
    const bare: TeachItem = { prompt, index: null, mode: "wrote", target: "zud", word: undefined };
    const steps = displaysOf(bare, on).map((display) => display.kind === "dictated" && display.step);
    expect(steps).toEqual(["hear", "say", "write", "read-back", "compare"]);
    expect(displaysOf(bare, on).at(-1)).toMatchObject({ text: "zud" });
  });

  it("what changed is told beside the word that was really before it", () => {
    const [display] = displaysOf(itemOf(CLAP, 1), { ...on, before: itemOf(LAP, 0) });
    expect(display).toMatchObject({ kind: "word", before: LAP.reading, change: { kind: "add", unit: 0 } });
    expect(displaysOf(itemOf(CLAP, 1), on)[0]).toMatchObject({ before: undefined, change: undefined });
  });

  it("a word that cannot be read by rule stands as it is", () => {
    const prompt = { code: "read", word: "of" } as const;
    const bare: TeachItem = { prompt, index: null, mode: "read", target: "of", word: undefined };
    expect(displaysOf(bare, on)).toEqual([{ kind: "text", text: "of", spans: [] }]);
  });
});
