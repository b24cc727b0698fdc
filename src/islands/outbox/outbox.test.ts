import { describe, expect, it } from "vitest";
import type { SentResponse } from "../../schemas/responses.ts";
import { leftMarks } from "./left-marks.ts";
import { type MarkStore, memoryStore } from "./mark-store.ts";
import { type Delivery, NOTHING_WAITS, Outbox, type OutboxServices, type OutboxState } from "./outbox.ts";

const response = (id: string, sessionId = "s"): SentResponse => ({
  id,
  sessionId,
  learnerId: "l",
  wordIndex: 0,
  mode: "read",
  answer: { outcome: "right", substitutions: [] },
  supersedes: null,
  withdrawn: false,
  at: "2026-11-24T09:30:00Z",
});

/** A store as the browser's own: pages share it. */
const lasting = (): MarkStore => ({ ...memoryStore(), isLasting: true });

/** A browser's `localStorage`. */
function textStore(): Pick<Storage, "getItem" | "setItem" | "removeItem"> {
  const texts = new Map<string, string>();
  return {
    getItem: (key) => texts.get(key) ?? null,
    setItem: (key, text) => void texts.set(key, text),
    removeItem: (key) => void texts.delete(key),
  };
}

function outbox(services: Partial<OutboxServices> = {}) {
  const sent: string[] = [];
  const stored: string[] = [];
  const refused: string[] = [];
  const retries: (() => void)[] = [];
  let state: OutboxState = NOTHING_WAITS;
  const answers = new Map<string, Delivery>();
  let usual: Delivery = { kind: "stored" };
  const shared = lasting();
  const box = new Outbox(
    {
      workspaceId: "ours",
      openStore: async () => shared,
      left: leftMarks(textStore),
      deliver: async ({ id }) => {
        sent.push(id);
        return answers.get(id) ?? usual;
      },
      alone: (run) => run(),
      later: (run) => {
        retries.push(run);
        return () => undefined;
      },
      ...services,
    },
    {
      onState: (next) => {
        state = next;
      },
      onStored: (id) => stored.push(id),
      onRefused: (id) => refused.push(id),
    },
  );
  return {
    box,
    sent,
    stored,
    refused,
    retries,
    answers,
    answer: (next: Delivery) => {
      usual = next;
    },
    state: () => state,
  };
}

describe("marks on their way", () => {
  it("are sent in order, and nothing waits when the server has them", async () => {
    const { box, sent, stored, state } = outbox();
    await Promise.all(["1", "2", "3"].map((id) => box.put(response(id))));
    expect(sent).toEqual(["1", "2", "3"]);
    expect(stored.sort()).toEqual(["1", "2", "3"]);
    expect(state()).toEqual(NOTHING_WAITS);
  });

  it("wait while the server is away, in their order, and are sent again by themselves", async () => {
    const { box, sent, stored, retries, answer, state } = outbox();
    answer({ kind: "later" });
    await box.put(response("1"));
    await box.put(response("2"));
    expect(state()).toMatchObject({ waiting: 2, onlyHere: 0 });
    answer({ kind: "stored" });
    sent.length = 0;
    retries.at(-1)?.();
    await box.flush();
    expect(sent).toEqual(["1", "2"]);
    expect(stored).toEqual(["1", "2"]);
  });

  it("that are refused are kept until somebody has seen why, and hold nothing up", async () => {
    const { box, refused, stored, answers, state } = outbox();
    answers.set("1", { kind: "refused", reason: "no such learner" });
    await box.put(response("1"));
    await box.put(response("2"));
    expect([refused, stored]).toEqual([["1"], ["2"]]);
    expect(state()).toMatchObject({ waiting: 0, refused: ["no such learner"] });
    await box.forgetSeen();
    expect(state()).toEqual(NOTHING_WAITS);
  });

  it("of a closed page are found by session", async () => {
    const { box, answer } = outbox();
    answer({ kind: "later" });
    await box.put(response("1", "a"));
    await box.put(response("2", "b"));
    expect((await box.waiting("b")).map(({ id }) => id)).toEqual(["2"]);
  });

  it("that another page of the browser has sent are stored for this one too", async () => {
    const shared = lasting();
    const first = outbox({ openStore: async () => shared });
    first.answer({ kind: "later" });
    await first.box.put(response("1"));
    const second = outbox({ openStore: async () => shared });
    await second.box.flush();
    await first.box.tell();
    expect(second.sent).toEqual(["1"]);
    expect(first.stored).toEqual(["1"]);
  });

  it("that another page has sent and the server refused are refused for this one too", async () => {
    const shared = lasting();
    const first = outbox({ openStore: async () => shared });
    first.answer({ kind: "later" });
    await first.box.put(response("1"));
    const second = outbox({ openStore: async () => shared });
    second.answer({ kind: "refused", reason: "no such learner" });
    await second.box.flush();
    await first.box.tell();
    await second.box.forgetSeen();
    await first.box.tell();
    expect([first.refused, first.stored]).toEqual([["1"], []]);
  });

  it.each([
    ["is being kept", "add"],
    ["is kept while the store is read", "all"],
  ] as const)("made while the page tells what waits: one that %s is not stored", async (_, slow) => {
    const shared = lasting();
    let goOn: () => void = () => undefined;
    const held = new Promise<void>((resolve) => {
      goOn = resolve;
    });
    const store: MarkStore = {
      ...shared,
      async add(mark) {
        if (slow === "add") await held;
        await shared.add(mark);
      },
      async all() {
        const read = await shared.all();
        if (slow === "all") await held;
        return read;
      },
    };
    const { box, stored, answer, state } = outbox({ openStore: async () => store });
    answer({ kind: "later" });
    const [told, put] = [box.tell(), box.put(response("1"))];
    if (slow === "add") await told;
    goOn();
    await Promise.all([told, put]);
    expect(stored).toEqual([]);
    expect(state()).toMatchObject({ waiting: 1 });
  });
});

describe("a browser that keeps nothing", () => {
  it.each([
    ["will not open its database", async () => Promise.reject(new Error("denied"))],
    [
      "fails at every write",
      async () => ({ ...lasting(), add: async () => Promise.reject(new Error("quota")), all: async () => [] }),
    ],
  ])("and %s: marks are held by the page, said, and sent", async (_, openStore) => {
    const { box, stored, answer, state } = outbox({ openStore });
    answer({ kind: "later" });
    await box.put(response("1"));
    expect(state()).toMatchObject({ waiting: 1, onlyHere: 1 });
    answer({ kind: "stored" });
    await box.flush();
    expect(stored).toEqual(["1"]);
    expect(state()).toEqual(NOTHING_WAITS);
  });

  it("and loses its database while the page is open: what waits is held by the page, said, and sent", async () => {
    const shared = lasting();
    const fails = async () => Promise.reject(new Error("closed"));
    let isClosed = false;
    const store: MarkStore = {
      ...shared,
      add: (mark) => (isClosed ? fails() : shared.add(mark)),
      all: () => (isClosed ? fails() : shared.all()),
    };
    const { box, sent, stored, answer, state } = outbox({ openStore: async () => store });
    answer({ kind: "later" });
    await box.put(response("1"));
    isClosed = true;
    await box.put(response("2"));
    expect(stored).toEqual([]);
    expect(state()).toMatchObject({ waiting: 2, onlyHere: 2 });
    sent.length = 0;
    answer({ kind: "stored" });
    await box.flush();
    expect([...sent].sort()).toEqual(["1", "2"]);
    expect([...stored].sort()).toEqual(["1", "2"]);
    expect(state()).toEqual(NOTHING_WAITS);
  });
});

describe("a page that is left in the moment a mark is made", () => {
  it("writes it down, and the next page takes it in and sends it", async () => {
    const texts = textStore();
    const left = leftMarks(() => texts);
    const closed = outbox({ left, openStore: () => new Promise(() => undefined) });
    for (const id of ["1", "2"]) void closed.box.put(response(id));
    closed.box.leave();
    const next = outbox({ left });
    expect((await next.box.waiting("s")).map(({ id }) => id)).toEqual(["1", "2"]);
    await next.box.put(response("3"));
    expect(next.sent).toEqual(["1", "2", "3"]);
    expect(left.all()).toEqual([]);
  });

  it("is counted once when the database had taken it after all", async () => {
    const texts = textStore();
    const left = leftMarks(() => texts);
    const shared = lasting();
    const mark = { response: response("1"), workspaceId: "ours" };
    left.add([mark]);
    await shared.add(mark);
    const { box, answer, state } = outbox({ left, openStore: async () => shared });
    answer({ kind: "later" });
    await box.flush();
    expect(state()).toMatchObject({ waiting: 1 });
    expect(left.all()).toEqual([]);
  });

  it("leaves nothing of what is kept", async () => {
    const texts = textStore();
    const left = leftMarks(() => texts);
    const { box, answer } = outbox({ left });
    answer({ kind: "later" });
    await box.put(response("1"));
    box.leave();
    expect(left.all()).toEqual([]);
  });

  it.each([
    [
      "will not be asked",
      () => {
        throw new DOMException("denied", "SecurityError");
      },
    ],
    ["holds what cannot be read", () => ({ ...textStore(), getItem: () => "{" })],
    ["holds no marks", () => ({ ...textStore(), getItem: () => "{}" })],
  ])("and a browser whose store %s: the marks of the page are sent all the same", async (_, open) => {
    const { box, sent } = outbox({ left: leftMarks(open) });
    box.leave();
    await box.put(response("1"));
    expect(sent).toEqual(["1"]);
  });

  it("in a browser that has no database keeps what was written down until it is stored", async () => {
    const texts = textStore();
    const left = leftMarks(() => texts);
    left.add([{ response: response("1"), workspaceId: "ours" }]);
    const { box, answer, state } = outbox({ left, openStore: async () => Promise.reject(new Error("denied")) });
    answer({ kind: "later" });
    await box.flush();
    expect(state()).toMatchObject({ waiting: 1 });
    expect(left.all()).toHaveLength(1);
    answer({ kind: "stored" });
    await box.flush();
    expect(left.all()).toEqual([]);
  });
});

describe("marks of another data folder", () => {
  it("are kept and said, neither sent nor taken away", async () => {
    const shared = lasting();
    await shared.add({ response: response("theirs"), workspaceId: "another" });
    const { box, sent, state } = outbox({ openStore: async () => shared });
    await box.put(response("ours"));
    expect(sent).toEqual(["ours"]);
    expect(state()).toMatchObject({ waiting: 0, elsewhere: 1 });
    expect(await shared.all()).toHaveLength(1);
  });

  it("from before marks said whose they are: these records are asked, and if they refuse the mark is kept", async () => {
    const shared = lasting();
    for (const id of ["here", "elsewhere"]) await shared.add({ response: response(id), workspaceId: undefined });
    const { box, answers, state } = outbox({ openStore: async () => shared });
    answers.set("elsewhere", { kind: "refused", reason: "no such session" });
    await box.flush();
    expect((await shared.all()).map((mark) => mark.response.id)).toEqual(["elsewhere"]);
    expect(state()).toMatchObject({ waiting: 0, elsewhere: 1, refused: [] });
  });
});
