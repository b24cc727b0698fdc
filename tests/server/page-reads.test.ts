import { randomUUID } from "node:crypto";
import type { PGlite } from "@electric-sql/pglite";
import { eq } from "drizzle-orm";
import { beforeAll, describe, expect, it } from "vitest";
import type { SessionId } from "../../src/schemas/ids.ts";
import type { Database, Queryable } from "../../src/server/db/database.ts";
import { newId } from "../../src/server/db/new-id.ts";
import { freshDatabase } from "./fresh-database.ts";
import { send } from "./send.ts";

/** What the screens ask of the records: nothing twice for one page. */
freshDatabase("page-reads");
const { database } = await import("../../src/server/db/application-database.ts");
const { sessions } = await import("../../src/server/db/schema.ts");
const { drawReadingOnce } = await import("../../src/server/db/read-once.ts");
const { benchPage } = await import("../../src/server/chains/bench-page.ts");
const { evidencePage } = await import("../../src/server/evidence/evidence-page.ts");
const { groupSummary, roomSummary } = await import("../../src/server/evidence/summaries.ts");
const { todayCards } = await import("../../src/server/groups/today-page.ts");
const { planPage } = await import("../../src/server/plans/plan-page.ts");

const WORDS = ["ship", "chip", "chop", "shop"];
let group: { id: string; learners: { id: string }[] };

async function mark(sessionId: string, learnerId: string, wordIndex: number, isRight: boolean): Promise<void> {
  const answer = isRight
    ? { outcome: "right", substitutions: [] }
    : { outcome: "wrong", substitutions: [{ unit: 0, said: [wordIndex % 3 === 0 ? "tʃ" : "ʃ"] }] };
  const at = new Date().toISOString();
  const body = { ...{ id: randomUUID(), sessionId, learnerId, wordIndex, mode: "read", answer }, at };
  expect((await send("POST /api/responses", { body })).status).toBe(201);
}

beforeAll(async () => {
  const body = { name: "Dunlins", sequenceId: "short-vowels-first", step: 14, learners: ["Gull", "Skua"] };
  group = (await send("POST /api/groups", { body })).body;
  await send("POST /api/groups", { body: { ...body, name: "Plovers", learners: ["Teal"] } });
  const session = (await send("POST /api/sessions", { body: { groupId: group.id, words: WORDS } })).body;
  // Named patterns, some of them got over since: every question that evidence has is asked.
  for (const { id } of group.learners)
    for (const isRight of [false, false, false, true])
      for (const k of WORDS.keys()) await mark(session.id, id, k, isRight);
});

/** What a page asks of the database while it is drawn, each question with what is put in. */
async function askedFor(draw: (db: Queryable) => Promise<unknown>): Promise<string[]> {
  const { $client } = (await database()) as Database & { readonly $client: PGlite };
  const query = $client.query;
  const asked: string[] = [];
  $client.query = ((text: string, ...rest: unknown[]) => {
    asked.push(`${text} ${JSON.stringify(rest[0])}`);
    return (query as (...all: unknown[]) => unknown).call($client, text, ...rest);
  }) as typeof query;
  try {
    await drawReadingOnce(async () => draw(await database()));
  } finally {
    $client.query = query;
  }
  return asked;
}

describe("a page asks the records nothing twice", () => {
  it.each<[string, (db: Queryable) => Promise<unknown>]>([
    ["Today", todayCards],
    ["Evidence of a group", (db) => evidencePage(db, group.id, null)],
    ["Evidence of a learner", (db) => evidencePage(db, group.id, group.learners[0]?.id ?? "")],
    ["Plan", (db) => planPage(db, group.id)],
    ["Chain bench", (db) => benchPage(db, { groupId: group.id, isEmpty: true })],
    ["summary of the room", roomSummary],
  ])("%s", async (_, draw) => {
    const asked = await askedFor(draw);
    expect(asked.length).toBeGreaterThan(3);
    expect(asked.filter((one, k) => asked.indexOf(one) !== k)).toEqual([]);
  });
});

describe("a group's last lesson", () => {
  it("is on Today and on the group's page however many probes of single learners came after it", async () => {
    const lesson = (await send("POST /api/sessions", { body: { groupId: group.id, words: ["shop", "chop"] } })).body;
    const body = { groupId: group.id, learnerId: group.learners[0]?.id, probe: true };
    const probe = (await send("POST /api/sessions", { body })).body;
    const db = await database();
    const [row] = await db.select().from(sessions).where(eq(sessions.id, probe.id));
    const copies = Array.from({ length: 20 }, () => ({ ...(row as NonNullable<typeof row>), id: newId<SessionId>() }));
    await db.insert(sessions).values(copies as (typeof sessions.$inferInsert)[]);
    const card = (await todayCards(db)).find((one) => one.group.id === group.id);
    expect(card?.last?.id).toBe(lesson.id);
    const { lessons } = await groupSummary(db, group.id as never, new Date());
    expect(lessons.map(({ id }) => id)).toContain(lesson.id);
    expect(lessons).toHaveLength(2);
    const line = (await roomSummary(db)).find((one) => one.group.id === group.id);
    expect(line?.last?.id).toBe(lesson.id);
  });
});
