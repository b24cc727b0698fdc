import { describe, expect, it } from "vitest";
import type { SentResponse } from "../../schemas/responses.ts";
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
