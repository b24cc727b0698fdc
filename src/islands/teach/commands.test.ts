import { describe, expect, it, vi } from "vitest";
import type { SentResponse } from "../../schemas/responses.ts";
import type { TeachPage } from "../../server/sessions/teach-page.ts";
import { type TeachServices, teachCommands } from "./commands.ts";
import { activity, CLAP, groupOf, LAP, learnersOf, pageOf, textActivity } from "./lesson/lesson.fixture.ts";
import * as select from "./lesson/selectors.ts";
import { createTeachStore } from "./teach-store.ts";

const AT = new Date("2026-11-24T09:30:00Z");

function teach(services: Partial<TeachServices> = {}, more: Partial<TeachPage> = {}) {
  const page = pageOf([activity("a", [LAP, CLAP])], { group: groupOf(learnersOf("Gull", "Tern")), ...more });
  const store = createTeachStore(page);
  const sent: SentResponse[] = [];
  let ids = 0;
  const commands = teachCommands(store, page.session, {
    now: () => AT,
    newId: () => `mark-${++ids}`,
    loadMadeUp:
      async () =>
      (_, { mode }, before) => ({
        outcome: before === 0 && mode === "read" ? "wrong" : "right",
        substitutions: [],
      }),
    send: (response) => void sent.push(response),
    addWords: async () => activity("a", [LAP, CLAP, LAP]),
    end: async () => undefined,
    leave: () => undefined,
    sendMarks: async () => 0,
    ...services,
  });
  const first = select.turn(store.getState()) as string;
  return { store, commands, sent, first };
}

describe("a text that is read aloud", () => {
  const read = () => teach({}, { activities: [textActivity("t", "Sam sat.\nPam ran."), activity("b", [LAP])] });
  const sentOf = (sent: readonly SentResponse[]) => sent.map(({ word, answer }) => `${word} ${answer.outcome}`);

  it("word by word, right marks the word and goes on; wrong stays", () => {
    const { store, commands, sent } = read();
    commands.mark("right");
    commands.mark("wrong");
    expect(sentOf(sent)).toEqual(["sam right", "sat wrong"]);
    expect(store.getState().lesson.item).toBe(1);
  });

  it("line by line, right marks what is not marked of the line, for the one who reads; one press takes it back", () => {
    const { store, commands, sent, first } = read();
    store.dispatch({ type: "reading-by", by: "line" });
    store.dispatch({ type: "press-word", at: 4 });
    commands.mark("wrong");
    commands.mark("right");
    expect(sentOf(sent)).toEqual(["sat wrong", "sam right"]);
    expect(new Set(sent.map(({ learnerId }) => learnerId))).toEqual(new Set([first]));
    expect(store.getState().lesson.item).toBe(2);
    commands.mark("right");
    expect(store.getState().lesson.activity).toBe(1);
    commands.undo();
    expect([...store.getState().book.marks.values()].map(({ target }) => target)).toEqual(["sat", "sam"]);
    commands.redo();
    expect(store.getState().book.marks.size).toBe(4);
  });
});

describe("a mark", () => {
  it("is for the learner and the word that the state shows, and is sent at once", () => {
    const { store, commands, sent, first } = teach();
    commands.mark("right");
    expect(sent).toEqual([
      {
        id: "mark-1",
        sessionId: "s",
        learnerId: first,
        wordIndex: 0,
        word: "lap",
        mode: "read",
        answer: { outcome: "right", substitutions: [] },
        supersedes: null,
        withdrawn: false,
        at: "2026-11-24T09:30:00.000Z",
      },
    ]);
    expect(select.turn(store.getState())).not.toBe(first);
  });

  it("for all together is taken back by one press, and made again by one", () => {
    const { store, commands, sent } = teach();
    commands.mark("together");
    expect(sent.map(({ withdrawn }) => withdrawn)).toEqual([false, false]);
    commands.undo();
    expect(sent.slice(2).map(({ withdrawn, supersedes }) => [withdrawn, supersedes])).toEqual([
      [true, sent[1]?.id],
      [true, sent[0]?.id],
    ]);
    expect(store.getState().book.marks.size).toBe(0);
    commands.redo();
    expect(store.getState().book.marks.size).toBe(2);
    expect(sent).toHaveLength(6);
  });

  it("of any word is withdrawn and made again; what was marked after it can still be undone", () => {
    const { store, commands, sent, first } = teach();
    commands.mark("wrong");
    const [mark] = store.getState().book.marks.values();
    if (!mark) throw new Error("nothing was marked");
    commands.mark("right");
    commands.takeBack(mark);
    expect(sent.at(-1)).toMatchObject({ learnerId: first, supersedes: "mark-1", withdrawn: true });
    expect([...store.getState().book.marks.values()].map(({ answer }) => answer.outcome)).toEqual(["right"]);
    const again = commands.markAgain(mark);
    expect(sent.at(-1)).toMatchObject({ id: again.id, supersedes: null, withdrawn: false, learnerId: first });
    commands.undo();
    commands.undo();
    expect(store.getState().book.marks.size).toBe(0);
    expect(store.getState().book.history.past).toEqual([]);
  });

  it("is gone back to: its word, with its learner's turn", () => {
    const { store, first } = teach();
    store.dispatch({ type: "next" });
    store.dispatch({ type: "open-mark", mark: { learnerId: first, wordIndex: 0 } });
    expect([store.getState().lesson.item, select.turn(store.getState())]).toEqual([0, first]);
    store.dispatch({ type: "open-mark", mark: { learnerId: first, wordIndex: 99 } });
    expect(store.getState().lesson.item).toBe(0);
  });

  it("for the same learner and word replaces the one before", () => {
    const { store, commands, sent, first } = teach();
    commands.mark("right");
    store.dispatch({ type: "give-turn", learnerId: first });
    commands.mark("wrong");
    expect(sent.map(({ id, supersedes }) => [id, supersedes])).toEqual([
      ["mark-1", null],
      ["mark-2", "mark-1"],
    ]);
  });

  it("two presses before anything is drawn are two marks, for two learners", () => {
    const { commands, sent } = teach();
    commands.mark("right");
    commands.mark("right");
    expect(new Set(sent.map(({ learnerId }) => learnerId)).size).toBe(2);
  });

  it("is none where nothing can be marked", () => {
    const { store, commands, sent } = teach();
    store.dispatch({ type: "toggle-building" });
    commands.mark("right");
    expect(sent).toEqual([]);
  });

  it("with a substitution needs a pressed grapheme, and keeps the turn", () => {
    const { store, commands, sent, first } = teach();
    commands.nameSubstitution(["ɪ"]);
    expect(sent).toEqual([]);
    store.dispatch({ type: "press-unit", unit: 1 });
    commands.nameSubstitution(["ɪ"]);
    expect(sent[0]?.answer).toEqual({ outcome: "wrong", substitutions: [{ unit: 1, said: ["ɪ"] }] });
    expect(select.turn(store.getState())).toBe(first);
    expect(store.getState().pressedUnit).toBeUndefined();
  });
});

describe("taking back", () => {
  it("withdraws the only mark; what it replaced is written again", () => {
    const { store, commands, sent, first } = teach();
    commands.mark("right");
    store.dispatch({ type: "give-turn", learnerId: first });
    commands.mark("wrong");
    commands.undo();
    expect(sent[2]).toMatchObject({ supersedes: "mark-2", withdrawn: false, answer: { outcome: "right" } });
    commands.undo();
    expect(sent[3]).toMatchObject({ supersedes: "mark-3", withdrawn: true });
    commands.undo();
    expect(sent).toHaveLength(4);
  });
});

describe("making again", () => {
  it("a mark that was taken back is written anew, in the place of what stands there", () => {
    const { store, commands, sent, first } = teach();
    commands.redo();
    commands.mark("right");
    commands.undo();
    commands.redo();
    expect(sent.slice(1).map(({ id, supersedes, withdrawn }) => [id, supersedes, withdrawn])).toEqual([
      [sent[1]?.id, sent[0]?.id, true],
      [sent[2]?.id, null, false],
    ]);
    expect(store.getState().book.marks.size).toBe(1);
    expect(select.turn(store.getState())).toBe(first);
  });
});

describe("a board that is checked", () => {
  it("goes to the record with every attempt; an empty one does not", () => {
    const { store, commands, sent } = teach();
    store.dispatch({ type: "toggle-building" });
    commands.checkBoard();
    expect(sent).toEqual([]);
    for (const letter of "lap") store.dispatch({ type: "board", action: { type: "letter", letter } });
    commands.checkBoard();
    expect(sent[0]).toMatchObject({ mode: "built", answer: { outcome: "right", built: [["l", "a", "p"]] } });
  });
});

describe("words put in, and the end", () => {
  it("new words come next; a refusal is said and nothing changes", async () => {
    const { store, commands } = teach();
    expect(await commands.addWords(["lap"], "next")).toBeUndefined();
    expect(select.items(store.getState()).map(({ word }) => word?.word)).toEqual(["lap", "lap", "clap"]);
    const refusing = teach({ addWords: () => Promise.reject(new Error("Not taught yet: th.")) });
    expect(await refusing.commands.addWords(["then"], "next")).toBe("Not taught yet: th.");
    expect(select.items(refusing.store.getState())).toHaveLength(2);
  });

  it("the lesson is ended on the server before the page is left", async () => {
    const done: string[] = [];
    const { store, commands } = teach({
      end: async () => void done.push("ended"),
      leave: vi.fn(() => void done.push("left")),
    });
    await commands.finish();
    expect(done).toEqual(["ended", "left"]);
    expect(store.getState().finishing).toBe(true);
  });

  it.each([
    ["marks that only this page has", { sendMarks: async () => 2 }, /2 marks only on this page/],
    [
      "a server that cannot be reached",
      {
        end: async () => {
          throw new Error("Zip Step cannot be reached.");
        },
      },
      /not ended yet. Zip Step cannot be reached/,
    ],
  ])("is not left with %s, and says so", async (_, services, says) => {
    const leave = vi.fn();
    const { store, commands } = teach({ ...services, leave });
    await commands.finish();
    expect(leave).not.toHaveBeenCalled();
    expect(store.getState()).toMatchObject({ finishing: false, notFinished: expect.stringMatching(says) });
  });
});

describe("a rehearsal", () => {
  const nobody = { substitutions: [], tapping: 0, selfCorrecting: 0, notTrying: 0 };
  const madeUp = { gull: nobody, tern: nobody };

  it("has made-up learners answer: the one whose turn it is, or all who have not", async () => {
    const { commands, sent, first } = teach({}, { madeUp });
    await commands.answer("turn");
    expect(sent.map(({ learnerId, answer }) => [learnerId, answer.outcome])).toEqual([[first, "wrong"]]);
    await commands.answer("all");
    expect(sent).toHaveLength(2);
    await commands.answer("all");
    expect(sent).toHaveLength(2);
  });

  it("has the word answered that was shown at the press, however long the first answer takes", async () => {
    let arrive = () => {};
    const arrived = new Promise<void>((resolve) => {
      arrive = resolve;
    });
    const loadMadeUp = async () => {
      await arrived;
      return (await import("./made-up-answers.ts")).madeUpAnswer;
    };
    const { commands, store, sent } = teach({ loadMadeUp }, { madeUp });
    const asked = select.item(store.getState())?.index;
    const both = Promise.all([commands.answer("all"), commands.answer("all")]);
    store.dispatch({ type: "next" });
    arrive();
    await both;
    expect(sent.map(({ wordIndex }) => wordIndex)).toEqual([asked, asked]);
  });

  it("is nothing in a lesson with real learners: nobody answers for them", async () => {
    const { commands, sent } = teach();
    await commands.answer("all");
    expect(sent).toEqual([]);
  });
});
