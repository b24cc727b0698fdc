import { describe, expect, it } from "vitest";
import type { TeachItem } from "../../../server/sessions/teach-page.ts";
import { activity, LAP, pageOf, textActivity } from "./lesson.fixture.ts";
import { itemsOfUnit, otherUnit, READING_UNITS } from "./reading.ts";
import * as select from "./selectors.ts";
import { type TeachAction, teachReducer } from "./teach-reducer.ts";
import { startTeaching, type TeachState } from "./teach-state.ts";

const TEXT = "Sam sat on a mat.\nPam ran to the bus.";
const READ = textActivity("t", TEXT);
const page = pageOf([READ, activity("b", [LAP])]);
const START = startTeaching(page);
const led = (from: TeachState, ...actions: TeachAction[]): TeachState => actions.reduce(teachReducer, from);
const by = (unit: (typeof READING_UNITS)[number]) => led(START, { type: "reading-by", by: unit });
const pointer = (state: TeachState) => {
  const display = select.display(state);
  return display?.kind === "reading" ? display.text.slice(...display.unit) : display?.kind;
};
const word = (state: TeachState) => {
  const { prompt } = select.item(state) ?? {};
  return prompt?.code === "read-in-text" ? prompt.word : prompt?.code;
};
const next: TeachAction = { type: "next" };
const right = (index: number): TeachAction => ({
  type: "marked",
  mark: {
    id: `m${index}`,
    learnerId: select.turn(START) as string,
    wordIndex: index,
    mode: "read",
    answer: { outcome: "right", substitutions: [] },
    state: "waiting",
  },
  passTurn: false,
});

describe("a text that is read aloud", () => {
  it("is pointed at by word, by phrase and by line", () => {
    expect(READING_UNITS.map((unit) => pointer(by(unit)))).toEqual(["Sam", "Sam sat", "Sam sat on a mat."]);
    expect(pointer(led(by("phrase"), next))).toBe("on a mat");
    expect(pointer(led(by("line"), next))).toBe("Pam ran to the bus.");
  });

  it("a tap goes on as the arrow does, and back leads to the first word of what came before", () => {
    for (const unit of READING_UNITS) expect(led(by(unit), { type: "tap" }).lesson).toEqual(led(by(unit), next).lesson);
    expect(word(led(by("phrase"), next, next, { type: "back" }))).toBe("on");
  });

  it("after the last line comes the next activity, and back leads into the text again", () => {
    const after = led(by("line"), next, next);
    expect(after.lesson.activity).toBe(1);
    expect(word(led(after, { type: "back" }))).toBe("bus");
    expect(led(by("line"), { type: "back" })).toEqual(by("line"));
  });

  it("every word belongs to one unit, and going on by units meets every word's unit once", () => {
    const { items } = READ;
    for (const unit of READING_UNITS) {
      const met: number[] = [];
      for (let at: number | undefined = 0; at !== undefined; at = otherUnit(items, at, { by: unit, step: 1 }))
        met.push(...itemsOfUnit(items, at, unit));
      expect(met).toEqual(items.map((_, k) => k));
    }
  });

  it("a word that is pressed is in hand while the pointer stays; pressed again it is opened to be tapped", () => {
    const at = TEXT.indexOf("mat");
    const pressed = led(by("line"), { type: "press-word", at });
    expect([word(pressed), pointer(pressed)]).toEqual(["mat", "Sam sat on a mat."]);
    const opened = led(pressed, { type: "press-word", at });
    expect(select.display(opened)).toMatchObject({ kind: "word", reading: { word: "mat" } });
    expect(pointer(led(opened, { type: "tap-back" }))).toBe("Sam sat on a mat.");
  });

  it("a press beside the words, and one on a word that is not there, changes nothing", () => {
    expect(led(START, { type: "press-word", at: 999 })).toBe(START);
  });

  it("one learner reads a line, whoever is given it, and another reads the next", () => {
    const turns = READ.items.map((_, item) => select.turn(led(START, { type: "item", item })));
    expect(new Set(turns.slice(0, 5)).size).toBe(1);
    expect(turns[5]).not.toBe(turns[4]);
    const given = led(START, { type: "give-turn", learnerId: "knot" }, next, next);
    expect(select.turn(given)).toBe("knot");
  });

  it("a mark passes no turn", () => {
    expect(select.turn(led(START, { ...(right(0) as Extract<TeachAction, { type: "marked" }>), passTurn: true }))).toBe(
      select.turn(START),
    );
  });

  it("what is to be marked right: the word itself; of a line, every word that is not marked", () => {
    expect(select.itemsToMarkRight(START)).toEqual([0]);
    expect(select.itemsToMarkRight(led(by("line"), right(1)))).toEqual([0, 2, 3, 4]);
  });

  it("a word that has no mark of its own keeps its line from none", () => {
    const [first, ...others] = READ.items;
    const unmarked = { ...READ, items: [{ ...(first as TeachItem), index: null }, ...others] };
    const start = startTeaching(pageOf([unmarked]));
    expect(select.whyNotMarked(start)).toBe("not-marked");
    const line = led(start, { type: "reading-by", by: "line" });
    expect(select.whyNotMarked(line)).toBeUndefined();
    expect(select.itemsToMarkRight(line)).toEqual([1, 2, 3, 4]);
  });

  it("marks of words in a text are no turns had: a line is one turn", () => {
    const marks = [0, 1, 2, 3, 4].map(right);
    const after = led(START, ...marks, { type: "next-activity" });
    expect(after.turns.order).toEqual(led(START, { type: "next-activity" }).turns.order);
  });
});
