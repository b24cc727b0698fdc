import { describe, expect, it } from "vitest";
import type { Outcome } from "../../../core/index.ts";
import { foundWaiting, marked, markRefused, markStored, newBook, redone, undone } from "./mark-book.ts";
import { type Mark, markKey, responseOf } from "./marks.ts";

const markOf = (id: string, outcome: Outcome, learnerId = "gull"): Mark => ({
  id,
  learnerId,
  wordIndex: 0,
  mode: "read",
  answer: { outcome, substitutions: [] },
  state: "waiting",
});
const EMPTY = newBook(new Map());
const here = (book: typeof EMPTY, learnerId = "gull") => book.marks.get(markKey(learnerId, 0));

describe("the marks in hand", () => {
  it("a mark waits until the database has it", () => {
    const book = marked(EMPTY, markOf("1", "right"));
    expect(here(book)?.state).toBe("waiting");
    expect([...book.waiting]).toEqual(["1"]);
    const after = markStored(book, "1");
    expect(here(after)?.state).toBe("stored");
    expect(after.waiting.size).toBe(0);
    expect(here(book)?.state).toBe("waiting");
  });

  it("what is stored meanwhile is not the mark that replaced it", () => {
    const book = markStored(marked(marked(EMPTY, markOf("1", "right")), markOf("2", "wrong")), "1");
    expect(here(book)).toMatchObject({ id: "2", state: "waiting" });
    expect([...book.waiting]).toEqual(["2"]);
  });

  it("one that is refused is no mark, and the reason is kept; the others stand", () => {
    const book = marked(marked(EMPTY, markOf("1", "right")), markOf("2", "right", "tern"));
    const after = markRefused(book, "1", "That learner has left the group.");
    expect(here(after)).toBeUndefined();
    expect(here(after, "tern")?.id).toBe("2");
    expect(after.refused).toBe("That learner has left the group.");
  });

  it("marks that a closed page left behind come back as waiting, and a withdrawn one stays away", () => {
    const left = (mark: Mark, withdrawn: boolean) =>
      responseOf(mark, { sessionId: "s", supersedes: null, withdrawn, at: new Date(0) });
    const stored: Mark = { ...markOf("1", "right"), state: "stored" };
    const book = foundWaiting(newBook(new Map([[markKey("gull", 0), stored]])), [
      left(markOf("2", "wrong", "tern"), false),
      left(markOf("3", "right"), true),
    ]);
    expect(here(book, "tern")).toMatchObject({ id: "2", state: "waiting" });
    expect(here(book)).toBeUndefined();
    expect([...book.waiting]).toEqual(["2", "3"]);
  });

  it("what is marked before the marks of a closed page are found stands, and what was taken back stays away", () => {
    const left = (id: string, learnerId: string) =>
      responseOf(markOf(id, "wrong", learnerId), { sessionId: "s", supersedes: null, at: new Date(0) });
    const taken = undone(marked(marked(EMPTY, markOf("2", "right")), markOf("3", "right", "tern")), "4");
    const book = foundWaiting(taken?.book ?? EMPTY, [left("1", "gull"), left("3", "tern")]);
    expect(here(book)?.id).toBe("2");
    expect(here(book, "tern")).toBeUndefined();
    expect([...book.waiting].sort()).toEqual(["1", "2", "3", "4"]);
  });
});

describe("taking a mark back", () => {
  it("nothing to take back", () => expect(undone(EMPTY, "x")).toBeUndefined());

  it("the only mark is gone from the screen and is withdrawn in the record", () => {
    const taken = undone(marked(EMPTY, markOf("1", "right")), "2");
    expect(taken?.step.before).toBeUndefined();
    expect(taken && here(taken.book)).toBeUndefined();
    expect(taken?.written).toMatchObject({ id: "2", answer: { outcome: "right" } });
    expect([...(taken?.book.waiting ?? [])]).toEqual(["1", "2"]);
  });

  it("what it replaced stands again under a new id, and can itself be taken back", () => {
    const twice = marked(marked(EMPTY, markOf("1", "right")), markOf("2", "wrong"));
    const once = undone(twice, "3");
    expect(once?.step.mark.id).toBe("2");
    expect(once && here(once.book)).toMatchObject({ id: "3", answer: { outcome: "right" }, state: "waiting" });
    const none = once && undone(once.book, "4");
    // The record is superseded by what stands in it now, not by what stood there first.
    expect(none?.step.mark.id).toBe("3");
    expect(none && here(none.book)).toBeUndefined();
  });

  it("made again, it stands as it was, and replaces what stands there now", () => {
    const twice = marked(marked(EMPTY, markOf("1", "right")), markOf("2", "wrong"));
    const back = undone(twice, "3");
    const again = back && redone(back.book, "4");
    expect(again && here(again.book)).toMatchObject({ id: "4", answer: { outcome: "wrong" }, state: "waiting" });
    expect(again?.step.before?.id).toBe("3");
    // Taken back once more, what stood before comes back once more.
    expect(again && here(undone(again.book, "5")?.book ?? EMPTY)).toMatchObject({
      id: "5",
      answer: { outcome: "right" },
    });
    expect(again && redone(again.book, "6")).toBeUndefined();
  });

  it("a new mark forgets what was taken back", () => {
    const back = undone(marked(EMPTY, markOf("1", "right")), "2");
    const next = back && marked(back.book, markOf("3", "wrong", "tern"));
    expect(next && redone(next, "4")).toBeUndefined();
  });
});
