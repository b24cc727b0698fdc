import { randomUUID } from "node:crypto";
import { readdirSync, readFileSync, statSync } from "node:fs";
import { join } from "node:path";
import { sql } from "drizzle-orm";
import { beforeEach, describe, expect, it } from "vitest";
import { freshDatabase } from "./fresh-database.ts";
import { send } from "./send.ts";

const folder = freshDatabase("people");
const { openedDatabase } = await import("../../src/server/db/application-database.ts");
const { eraseDue, sweepDisk } = await import("../../src/server/groups/erasure.ts");

const AIM = { focus: [], contrasts: [] };
let group: { id: string; learners: { id: string; nickname: string }[] };
let other: { id: string };
let sessionId: string;
const learner = () => group.learners[0]?.id as string;

const newGroup = async (name: string, learners: string[]) =>
  (await send("POST /api/groups", { body: { name, sequenceId: "short-vowels-first", step: 14, learners } })).body;
const mark = (more: object = {}) =>
  send("POST /api/responses", {
    body: {
      id: randomUUID(),
      sessionId,
      learnerId: learner(),
      wordIndex: 1,
      mode: "read",
      answer: { outcome: "wrong", substitutions: [{ unit: 1, said: ["ɪ"] }] },
      at: "2026-11-24T09:30:00Z",
      ...more,
    },
  });
const report = async (groupId: string, learnerId?: string) =>
  (await send("GET /api/evidence", { query: `groupId=${groupId}${learnerId ? `&learnerId=${learnerId}` : ""}` })).body;
const membersOf = async (groupId: string) =>
  (await send("GET /api/groups/:groupId", { id: groupId })).body.learners.map(
    ({ nickname }: { nickname: string }) => nickname,
  );
const eraseNow = async () => {
  const opened = await openedDatabase();
  const gone = await opened.write((db) => eraseDue(db, new Date(Date.now() + 11 * 60_000)));
  await sweepDisk(opened.db);
  return gone;
};

beforeEach(async () => {
  group = await newGroup("Dunes", ["Gull", "Skua"]);
  other = await newGroup("Rocks", ["Auk"]);
  const chain = await send("POST /api/chains", { body: { groupId: group.id, words: ["ship", "shop"], aim: AIM } });
  sessionId = (await send("POST /api/sessions", { body: { chainId: chain.body.id } })).body.id;
  await mark();
});

describe("a learner", () => {
  const change = (body: object) => send("PATCH /api/learners/:learnerId", { id: learner(), body });

  it("is renamed, and moved with the records", async () => {
    expect((await change({ nickname: "Puffin", groupId: other.id })).status).toBe(200);
    expect(await membersOf(group.id)).toEqual(["Skua"]);
    expect(await membersOf(other.id)).toEqual(["Auk", "Puffin"]);
    expect((await report(other.id, learner())).responseCount).toBe(1);
    expect((await report(group.id)).responseCount).toBe(0);
    // A mark made before the move, and sent after it.
    expect((await mark({ wordIndex: 0 })).status).toBe(201);
  });

  it("is put away with the records, and brought back", async () => {
    await change({ putAway: true });
    expect(await membersOf(group.id)).toEqual(["Skua"]);
    expect((await report(group.id)).responseCount).toBe(0);
    await change({ putAway: false });
    expect(await membersOf(group.id)).toEqual(["Gull", "Skua"]);
    expect((await report(group.id)).responseCount).toBe(1);
  });

  it("can be added, and not beyond forty", async () => {
    const add = () => send("POST /api/groups/:groupId/learners", { id: other.id, body: { nickname: "Tern" } });
    for (let n = 0; n < 39; n++) expect((await add()).status).toBe(201);
    const { status, body } = await add();
    expect([status, body.error.message]).toEqual([400, expect.stringContaining("at most 40")]);
  });

  it("has records to take out, as JSON and as CSV that no table calculates", async () => {
    await change({ nickname: "=1+1" });
    const { body } = await send("GET /api/learners/:learnerId/records", { id: learner() });
    expect(body).toMatchObject({
      nickname: "=1+1",
      answers: [{ word: "shop", mode: "read", outcome: "wrong", substitutions: "o: ɪ", standing: true }],
    });
    const csv = await send("GET /api/learners/:learnerId/records.csv", { id: learner() });
    expect(csv.body.split("\r\n")[0]).toBe("at,lesson,word,mode,outcome,substitutions,standing");
    expect(csv.body.split("\r\n")[1]).toContain("shop,read,wrong,o: ɪ,true");
  });

  it("is erased: out of sight at once, taken back within ten minutes", async () => {
    const { body } = await send("DELETE /api/learners/:learnerId", { id: learner() });
    const minutes = (new Date(body.eraseAt).getTime() - Date.now()) / 60_000;
    expect(minutes).toBeGreaterThan(9);
    expect(minutes).toBeLessThanOrEqual(10);
    expect(await membersOf(group.id)).toEqual(["Skua"]);
    expect((await send("GET /api/learners/:learnerId/records", { id: learner() })).status).toBe(404);
    const late = await mark({ wordIndex: 0 });
    expect([late.status, late.body.error.message]).toEqual([404, expect.stringContaining("no such learner")]);
    await send("POST /api/learners/:learnerId/restoration", { id: learner() });
    expect(await membersOf(group.id)).toEqual(["Gull", "Skua"]);
    expect((await report(group.id)).responseCount).toBe(1);
  });

  it("is gone after that: from every table, and from the files", async () => {
    const nickname = `Stormpetrel${Math.floor(Math.random() * 1e9)}`;
    await change({ nickname });
    await send("PATCH /api/sessions/:sessionId", {
      id: sessionId,
      body: { place: { activity: 0, item: 0, learnerId: learner() } },
    });
    await send("DELETE /api/learners/:learnerId", { id: learner() });
    await eraseNow();
    const { db } = await openedDatabase();
    const { rows: tables } = await db.execute(
      sql`select table_name as name from information_schema.tables where table_schema = 'public'`,
    );
    for (const { name } of tables as { name: string }[]) {
      const { rows } = await db.execute(
        sql.raw(`select count(*)::int as n from "${name}" t where t::text like '%${learner()}%'`),
      );
      expect(rows[0]?.["n"], name).toBe(0);
    }
    expect((await send("POST /api/learners/:learnerId/restoration", { id: learner() })).status).toBe(404);
    const holding = readdirSync(join(folder, "pg"), { recursive: true, encoding: "utf8" }).filter((name) => {
      const path = join(folder, "pg", name);
      return statSync(path).isFile() && readFileSync(path).includes(nickname);
    });
    expect(holding).toEqual([]);
  });

  it("that backups still hold: the answer names the day on which the last one goes", async () => {
    const opened = await openedDatabase();
    await opened.backUp("daily", new Date());
    const { body } = await send("DELETE /api/learners/:learnerId", { id: learner() });
    const days = (new Date(body.backupsUntil).getTime() - Date.now()) / 86_400_000;
    expect(Math.round(days)).toBe(14);
  });
});

describe("a group", () => {
  it("is renamed, put away and brought back; its records stay", async () => {
    const change = (body: object) => send("PATCH /api/groups/:groupId", { id: group.id, body });
    expect((await change({ name: "Dunes, new" })).body.name).toBe("Dunes, new");
    await change({ putAway: true });
    const names = async () => (await send("GET /api/groups")).body.map(({ id }: { id: string }) => id);
    expect(await names()).not.toContain(group.id);
    await change({ putAway: false });
    expect(await names()).toContain(group.id);
    expect((await change({ step: 3 })).status).toBe(400);
    expect((await change({})).status).toBe(400);
  });

  it("is deleted after saying what goes: its lessons and its learners", async () => {
    const { body } = await send("GET /api/groups/:groupId/contents", { id: group.id });
    expect(body).toMatchObject({ learners: 2, lessons: 1, answers: 1, chains: 1, sets: 0 });
    await send("DELETE /api/groups/:groupId", { id: group.id });
    expect((await send("GET /api/groups/:groupId", { id: group.id })).status).toBe(404);
    expect(await eraseNow()).toBeGreaterThanOrEqual(3);
    const { db } = await openedDatabase();
    const { rows } = await db.execute(sql`select 1 from sessions where id = ${sessionId}`);
    expect(rows).toEqual([]);
    expect((await send("POST /api/groups/:groupId/restoration", { id: group.id })).status).toBe(404);
  });
});

describe("the school's day", () => {
  it("is where it says: told once by a browser, chosen by a teacher after that", async () => {
    const tell = (timeZone: string, onlyIfUnset = false) =>
      send("PUT /api/school/time-zone", { body: { timeZone, onlyIfUnset } });
    expect((await tell("America/New_York", true)).body.timeZone).toBe("America/New_York");
    expect((await tell("Europe/London", true)).body.timeZone).toBe("America/New_York");
    expect((await tell("Pacific/Auckland")).body.timeZone).toBe("Pacific/Auckland");
    const { status, body } = await tell("Atlantis/Harbour");
    expect([status, body.error.message]).toEqual([400, expect.stringContaining("Europe/London")]);
  });
});
