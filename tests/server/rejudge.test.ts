import { randomUUID } from "node:crypto";
import { eq } from "drizzle-orm";
import { beforeAll, describe, expect, it } from "vitest";
import { CLASSIFIER_VERSION } from "../../src/core/index.ts";
import type { GroupId, LearnerId } from "../../src/schemas/ids.ts";
import { freshDatabase } from "./fresh-database.ts";
import { send } from "./send.ts";

/** Answers that an older classifier has judged are judged anew; what was recorded stays as it was. */
freshDatabase("rejudge");
const { openedDatabase } = await import("../../src/server/db/application-database.ts");
const { responses } = await import("../../src/server/db/schema.ts");
const { rejudgings } = await import("../../src/server/db/schema-totals.ts");
const { disagreements, recount } = await import("../../src/server/evidence/recount.ts");
const { rejudgeAll, rejudgeSome, rejudgingToTell } = await import("../../src/server/evidence/rejudge.ts");

const NOW = new Date("2026-11-29T10:00:00Z");
let group: { id: GroupId; learners: { id: LearnerId }[] };
const learner = () => group.learners[0]?.id as LearnerId;

/** As an older Zip Step had it: the third word's substitution was not seen. */
async function makeOld(): Promise<void> {
  const { write } = await openedDatabase();
  await write(async (db) => {
    for (const row of await db.select().from(responses)) {
      const units = row.verdict.units.map((unit) =>
        row.word === "chop" ? { result: "right" as const, said: [] } : unit,
      );
      await db
        .update(responses)
        .set({ classifier: 1, verdict: { ...row.verdict, classifier: 1, units } })
        .where(eq(responses.id, row.id));
    }
    await recount(db, learner());
  });
}
const some = async (atOnce: number) => {
  const { write } = await openedDatabase();
  return write((db) => rejudgeSome(db, NOW, atOnce));
};
const wrongIn = async (gpc: string) => {
  const { rows } = (await send("GET /api/evidence", { query: `groupId=${group.id}` })).body;
  return rows.find((row: { gpc: string }) => row.gpc === gpc)?.wrong ?? 0;
};

beforeAll(async () => {
  const body = { name: "Dunes", sequenceId: "short-vowels-first", step: 14, learners: ["Gull"] };
  group = (await send("POST /api/groups", { body })).body;
  const words = ["ship", "chip", "chop", "shop"];
  const chain = (
    await send("POST /api/chains", { body: { groupId: group.id, words, aim: { focus: [], contrasts: [] } } })
  ).body;
  const session = (await send("POST /api/sessions", { body: { chainId: chain.id } })).body;
  for (const [wordIndex, typed] of ["ship", "ship", "chap", undefined].entries()) {
    const answer = { outcome: typed && wordIndex > 0 ? "wrong" : "right", substitutions: [], ...(typed && { typed }) };
    const at = "2026-11-24T09:30:00Z";
    await send("POST /api/responses", {
      body: { id: randomUUID(), sessionId: session.id, learnerId: learner(), wordIndex, mode: "read", answer, at },
    });
  }
  await makeOld();
});

describe("old answers", () => {
  it("are judged anew a few at a time; what was recorded is as it was, and the totals agree", async () => {
    const { db } = await openedDatabase();
    const before = await db.select().from(responses).orderBy(responses.id);
    expect(await wrongIn("o=ɒ")).toBe(0);
    expect(await some(3)).toMatchObject({ looked: 3, isDone: false });
    expect((await rejudgingToTell(db))?.isDone).toBe(false);
    // Gone on with where it was cut short, as after a crash.
    expect(await some(3)).toEqual({ looked: 4, changed: 1, isDone: true });
    const after = await db.select().from(responses).orderBy(responses.id);
    expect(after.map(({ answer, word, at, target }) => ({ answer, word, at, target }))).toEqual(
      before.map(({ answer, word, at, target }) => ({ answer, word, at, target })),
    );
    expect(after.every(({ classifier }) => classifier === CLASSIFIER_VERSION)).toBe(true);
    expect(await wrongIn("o=ɒ")).toBe(1);
    expect(await disagreements(db, learner())).toEqual([]);
  });

  it("that changed are told until somebody has read it, and not looked at again", async () => {
    const { db } = await openedDatabase();
    expect(await rejudgingToTell(db)).toEqual({ looked: 4, changed: 1, isDone: true });
    expect((await send("PUT /api/rejudging/seen")).status).toBeLessThan(300);
    expect(await rejudgingToTell(db)).toBeUndefined();
    expect(await some(3)).toEqual({ looked: 4, changed: 1, isDone: true });
  });

  it("tell how far they are, and can be stopped and gone on with", async () => {
    await makeOld();
    const { db, write } = await openedDatabase();
    await write((tx) => tx.delete(rejudgings));
    expect((await send("GET /api/rejudging", {})).body).toBeNull();
    await some(2);
    expect((await send("GET /api/rejudging", {})).body).toMatchObject({ looked: 2, share: 0.5, isDone: false });
    // Stopped while others wait: what was done is done, and no more is.
    const opened = await openedDatabase();
    let rounds = 0;
    const stopping = {
      ...opened,
      write: (async (run) => {
        rounds++;
        await send("DELETE /api/rejudging", {});
        return write(async () => (run === undefined ? undefined : { looked: 2, changed: 0, isDone: false }));
      }) as typeof write,
    };
    await rejudgeAll(stopping);
    expect(rounds).toBe(1);
    expect((await send("GET /api/rejudging", {})).body).toMatchObject({ looked: 2, isStopped: true });
    await send("POST /api/rejudging", {});
    await expect.poll(async () => (await rejudgingToTell(db))?.isDone).toBe(true);
    expect((await send("GET /api/rejudging", {})).body).toMatchObject({ share: 1, isStopped: false });
  });
});
