import { describe, expect, it } from "vitest";
import type { TeachActivity, TeachPage } from "../../../server/sessions/teach-page.ts";
import { activity, CLAP, groupOf, itemOf, LAP, learnersOf, PLACE, pageOf } from "./lesson.fixture.ts";
import { answerWithSubstitution, markKey, responseOf } from "./marks.ts";
import * as select from "./selectors.ts";
import { type TeachAction, teachReducer } from "./teach-reducer.ts";
import { startTeaching, type TeachState } from "./teach-state.ts";

const LEARNERS = learnersOf("gull", "tern", "knot");
const lessonOf = (
  activities: readonly TeachActivity[],
  more: { readonly learners?: TeachPage["group"]["learners"]; readonly place?: Partial<typeof PLACE> } = {},
): TeachPage => {
  const page = pageOf(activities);
  return {
    ...page,
    session: { ...page.session, place: { ...PLACE, ...more.place } },
    group: more.learners ? groupOf(more.learners) : page.group,
  };
};
const LESSON = [
  activity("a", [LAP, CLAP, LAP, CLAP]),
  activity("b", [CLAP, LAP], { kind: "build-chain", contentKind: "build-chain" }),
];
const START = startTeaching(lessonOf(LESSON));
const led = (...actions: TeachAction[]): TeachState => actions.reduce(teachReducer, START);
const next: TeachAction = { type: "next" };
const tap: TeachAction = { type: "tap" };
const mark = (id: string, learnerId: string, outcome: "right" | "wrong", passTurn = true): TeachAction => ({
  type: "marked",
  mark: { id, learnerId, wordIndex: 0, mode: "read", answer: { outcome, substitutions: [] }, state: "waiting" },
  passTurn,
});
const at = ({ lesson }: TeachState) => `${lesson.activity}/${lesson.item}/${lesson.stage}`;
const wordShown = (state: TeachState) => {
  const display = select.display(state);
  return display?.kind === "word" ? display.reading.word : display?.kind;
};

describe("a list that goes on by itself", () => {
  const listed = led({ type: "listing", listing: "down" }, { type: "list-pace", pace: "fast" });
  const tick: TeachAction = { type: "list-tick" };

  it("goes from word to word, and stops at the last", () => {
    expect(at(teachReducer(listed, tick))).toBe("0/1/0");
    const last = [tick, tick, tick].reduce(teachReducer, listed);
    expect([at(last), last.listPace]).toEqual(["0/3/0", "fast"]);
    const stopped = teachReducer(last, tick);
    expect([at(stopped), stopped.listPace]).toEqual(["0/3/0", undefined]);
  });

  it("that has been read to its end begins anew, and is left to the teacher elsewhere", () => {
    const end = [tick, tick, tick, tick].reduce(teachReducer, listed);
    expect(at(teachReducer(end, { type: "list-pace", pace: "slow" }))).toBe("0/0/0");
    expect(teachReducer(listed, { type: "listing", listing: undefined }).listPace).toBeUndefined();
    expect(teachReducer(listed, { type: "next-activity" }).listPace).toBeUndefined();
  });
});

describe("moving through a word and on", () => {
  it("a tap shows the next moment of the word, and after the last the next word", () => {
    const moments = select.displays(START).length;
    const taps = Array.from({ length: moments - 1 }, () => tap);
    expect(at(led(...taps))).toBe(`0/0/${moments - 1}`);
    expect(select.isBlended(led(...taps))).toBe(true);
    expect(at(led(...taps, tap))).toBe("0/1/0");
  });

  it("blend shows the whole word; open takes it apart again", () => {
    const blended = led({ type: "blend" });
    expect(select.isBlended(blended)).toBe(true);
    const opened = teachReducer(blended, { type: "open-or-blend" });
    expect([select.isBlended(opened), select.stageIndex(opened)]).toEqual([false, 0]);
    expect(select.isBlended(teachReducer(opened, { type: "open-or-blend" }))).toBe(true);
  });

  it("a stage beyond the last is the last, and a tap back from it goes to the one before", () => {
    const beyond = led({ type: "stage", stage: 99 });
    expect(select.stageIndex(beyond)).toBe(select.displays(beyond).length - 1);
    expect(select.stageIndex(teachReducer(beyond, { type: "tap-back" }))).toBe(select.stageIndex(beyond) - 1);
    expect(at(led({ type: "tap-back" }))).toBe("0/0/0");
  });

  it("at sight a word is whole; somebody who is stuck taps it, at that item alone", () => {
    const atSight = led({ type: "way", way: { support: "at-sight", blending: "sound-by-sound" } });
    expect(select.displays(atSight)).toHaveLength(1);
    const stuck = teachReducer(atSight, { type: "tap-back" });
    expect(select.displays(stuck).length).toBeGreaterThan(1);
    expect(select.displays(teachReducer(stuck, next))).toHaveLength(1);
  });

  it("two words back, and again from the start at sight", () => {
    expect(at(led(next, next, next, { type: "two-back" }))).toBe("0/1/0");
    expect(at(led(next, { type: "two-back" }))).toBe("0/0/0");
    const again = led(next, next, { type: "again-at-sight" });
    expect([at(again), select.way(again).support]).toEqual(["0/0/0", "at-sight"]);
  });
});

describe("what is shown", () => {
  it("the same state has the same display, and what has not changed is not made anew", () => {
    const tapped = led(tap);
    expect(select.display(tapped)).toBe(select.display({ ...tapped }));
    expect(select.displays(teachReducer(tapped, { type: "toggle", what: "dark" }))).toBe(select.displays(tapped));
  });

  it("the change since the word before can be hidden", () => {
    const second = led(next);
    expect(select.display(second)).toMatchObject({ before: { word: "lap" }, change: { kind: "add", unit: 0 } });
    const hidden = teachReducer(second, { type: "toggle", what: "showChange" });
    expect(select.display(hidden)).toMatchObject({ before: undefined, change: undefined });
  });

  it("a word to be built shows its board and no letters of it; tapping goes on to the next word", () => {
    const building = led({ type: "activity", activity: 1 });
    expect(wordShown(building)).toBe("board");
    expect(JSON.stringify(select.display(building))).not.toContain("clap");
    expect(select.prompt(building)).toEqual({ code: "first-word", word: "clap", build: true });
    expect(at(teachReducer(building, tap))).toBe("1/1/0");
  });

  it("a list that was planned to be read can be built, and read again", () => {
    const building = led({ type: "toggle-building" });
    expect(wordShown(building)).toBe("board");
    expect(wordShown(teachReducer(building, { type: "toggle-building" }))).toBe("lap");
  });

  it("a board keeps what lies on it while the lesson goes on and comes back", () => {
    const tile = select.board(led({ type: "toggle-building" }))?.tray.findIndex(({ label }) => label === "l") ?? -1;
    const put = led({ type: "toggle-building" }, { type: "board", action: { type: "put", tile } });
    const back = [next, { type: "back" } as const].reduce(teachReducer, put);
    // The turn is the same as before: the same learner's board.
    expect(select.display(back)).toMatchObject({ kind: "board", board: { placed: ["l"] } });
  });

  it("all the words at once, where the activity is a list of words", () => {
    const list = led(next, { type: "listing", listing: "down" });
    expect(select.display(list)).toEqual({ kind: "list", words: ["lap", "clap", "lap", "clap"], at: 1, down: true });
    expect(at(teachReducer(list, tap))).toBe("0/2/0");
  });
});

describe("turns", () => {
  it("everybody has one turn in a round", () => {
    const turns = [START, led(next), led(next, next)].map(select.turn);
    expect([...turns].sort()).toEqual(["gull", "knot", "tern"]);
  });

  it("a turn given by hand holds for its item", () => {
    const other = LEARNERS.find(({ id }) => id !== select.turn(START))?.id as string;
    const given = led({ type: "give-turn", learnerId: other });
    expect(select.turn(given)).toBe(other);
    expect(select.turn(teachReducer(given, next))).toBe(select.turn(led(next)));
    expect(select.turn([next, { type: "back" } as const].reduce(teachReducer, given))).toBe(other);
  });

  it("a mark passes the turn to the next seat; alone, a learner goes on from what was right", () => {
    expect(select.turn(led(mark("1", "gull", "right")))).toBe("tern");
    expect(select.turn(led(mark("1", "knot", "right")))).toBe("gull");
    const alone = startTeaching(lessonOf(LESSON, { learners: LEARNERS.slice(0, 1) }));
    expect(at(teachReducer(alone, mark("1", "gull", "right")))).toBe("0/1/0");
    expect(at(teachReducer(alone, mark("1", "gull", "wrong")))).toBe("0/0/0");
  });

  it("the turn a page was left with is the turn it begins with", () => {
    const page = lessonOf(LESSON, { place: { item: 2, learnerId: "knot" as unknown as null } });
    expect(select.turn(startTeaching(page))).toBe("knot");
  });

  it("whose the word is follows the school's pattern until it is set by hand", () => {
    expect([START, led(next), led(next, next), led(next, next, next)].map(select.turnSign)).toEqual([
      "my",
      "together",
      "your",
      "your",
    ]);
    expect(select.turnSign(led({ type: "next-turn-sign" }))).toBe("together");
    expect(select.turnSign(led({ type: "turn-sign", sign: "your" }, next, { type: "back" }))).toBe("your");
  });
});

describe("marks", () => {
  it("after a wrong answer what the school does is said, until something else is done", () => {
    const wrong = led(mark("1", "gull", "wrong"));
    expect(wrong.wrongAt).toBe(select.itemKey(wrong));
    expect(teachReducer(wrong, mark("2", "tern", "right")).wrongAt).toBeUndefined();
  });

  it("substitutions named one after the other belong to one answer; the same grapheme is named once", () => {
    const first = answerWithSubstitution(undefined, 0, ["k"]);
    const second = answerWithSubstitution(first, 2, []);
    expect(second).toEqual({
      outcome: "wrong",
      substitutions: [
        { unit: 0, said: ["k"] },
        { unit: 2, said: [] },
      ],
    });
    expect(answerWithSubstitution(second, 0, ["g"]).substitutions).toEqual([
      { unit: 2, said: [] },
      { unit: 0, said: ["g"] },
    ]);
    expect(answerWithSubstitution({ outcome: "right", substitutions: [] }, 1, ["ɪ"]).substitutions).toHaveLength(1);
  });

  it("taken back, a mark is gone, and the lesson is where it was made", () => {
    const undone = led(
      mark("1", "tern", "right"),
      next,
      { type: "activity", activity: 1 },
      { type: "undone", id: "2" },
    );
    expect(undone.book.marks.size).toBe(0);
    expect([at(undone), select.turn(undone)]).toEqual(["0/0/0", "tern"]);
    expect(led({ type: "undone", id: "2" })).toEqual(START);
  });

  it("marks that an earlier page could not send stand again, as waiting", () => {
    const waiting = responseOf(
      { id: "1", learnerId: "knot", wordIndex: 1, mode: "read", answer: { outcome: "wrong", substitutions: [] } },
      { sessionId: "s", supersedes: null, at: new Date(0) },
    );
    const found = led({ type: "marks-found", responses: [waiting] });
    expect(found.book.marks.get(markKey("knot", 1))?.state).toBe("waiting");
    expect(select.wordsGoneWrong(found)).toEqual(["clap"]);
    expect(led({ type: "marks-found", responses: [waiting] }, { type: "mark-stored", id: "1" }).book.waiting.size).toBe(
      0,
    );
  });

  it("says why nothing can be marked", () => {
    expect(select.whyNotMarked(START)).toBeUndefined();
    expect(select.whyNotMarked(led({ type: "toggle-building" }))).toBe("built");
    expect(select.whyNotMarked(startTeaching(lessonOf(LESSON, { learners: [] })))).toBe("no-learners");
    const told = activity("a", [LAP], { items: [{ ...itemOf(LAP, 0), index: null }] });
    expect(select.whyNotMarked(startTeaching(lessonOf([told])))).toBe("not-marked");
  });
});

describe("what goes with an item", () => {
  it("a pressed grapheme is let go with it, and by a second press", () => {
    const pressed = led({ type: "press-unit", unit: 1 });
    expect(pressed.pressedUnit).toBe(1);
    expect(teachReducer(pressed, next).pressedUnit).toBeUndefined();
    expect(teachReducer(pressed, { type: "press-unit", unit: 1 }).pressedUnit).toBeUndefined();
  });

  it("words put in on the spot have turns of their own", () => {
    const grown = activity("a", [LAP, CLAP, LAP, CLAP, LAP, LAP]);
    const state = led({ type: "activity-grown", activity: grown, comes: "last" });
    expect(state.turns.order).toHaveLength(6);
  });

  it("no action changes the state it was given", () => {
    const before = JSON.stringify({ ...START, book: undefined, boards: undefined });
    led(next, tap, mark("1", "gull", "wrong"), { type: "toggle-building" }, { type: "skip-current" });
    expect(JSON.stringify({ ...START, book: undefined, boards: undefined })).toBe(before);
    expect(START.book.marks.size).toBe(0);
  });
});

describe("counters", () => {
  const spoken = (text: string, sounds: string) => ({ text, sounds: sounds.split(" "), isWord: true });
  const change = {
    ...({
      skill: "change-middle",
      key: "cat cut",
      kind: "change",
      place: "middle",
      at: 1,
      old: "æ",
      sound: "ʌ",
    } as const),
    first: spoken("cat", "k æ t"),
    answer: spoken("cut", "k ʌ t"),
  };
  const rhyme = {
    skill: "say-a-rhyme",
    key: "cat",
    kind: "say-a-rhyme",
    first: spoken("cat", "k æ t"),
    answers: [],
  } as const;
  const oral = (item: typeof change | typeof rhyme) => ({
    ...itemOf(LAP, 0),
    prompt: { code: "oral" as const, item },
    word: undefined,
  });
  const ears = activity("ears", [], {
    kind: "ears-only",
    contentKind: "ears-only",
    items: [oral(change), oral(rhyme)],
  });
  const played = (...actions: TeachAction[]) => actions.reduce(teachReducer, startTeaching(lessonOf([ears])));
  const on: TeachAction = { type: "toggle", what: "withCounters" };
  const lift = (counter: number): TeachAction => ({ type: "counters", move: { type: "lift", counter } });
  const check: TeachAction = { type: "counters", move: { type: "check" } };

  it("stand in the place of the ear where they are wanted and help", () => {
    expect(select.display(played())?.kind).toBe("listen");
    expect(select.display(played(on))).toEqual({ kind: "counters", line: [0, 1, 2], lifted: undefined });
    expect(select.display(played(on, next))?.kind).toBe("listen");
    expect(select.canUseCounters(played(next))).toBe(false);
  });

  it("are checked against the sounds; a move makes the answer old; what is right stays", () => {
    expect(select.countersBoard(played(on, lift(0), check))?.verdict).toEqual({ code: "other-sound" });
    expect(select.countersBoard(played(on, lift(0), check, lift(1)))?.verdict).toBeUndefined();
    const right = played(on, lift(1), check);
    expect(select.countersBoard(right)?.verdict).toEqual({ code: "right" });
    expect(select.countersBoard(teachReducer(right, lift(2)))?.counters.lifted).toBe(1);
    const again = teachReducer(right, { type: "counters", move: { type: "restart" } });
    expect(select.display(again)).toEqual({ kind: "counters", line: [0, 1, 2], lifted: undefined });
  });

  it("are another line for every item, and nothing where there are none", () => {
    expect(played(lift(1)).counters.size).toBe(0);
    const there = played(on, lift(1), next, { type: "back" });
    expect(select.countersBoard(there)?.counters.lifted).toBe(1);
  });
});
