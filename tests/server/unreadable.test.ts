import { randomUUID } from "node:crypto";
import { sql } from "drizzle-orm";
import { beforeAll, describe, expect, it } from "vitest";
import type { GroupId, SessionId } from "../../src/schemas/ids.ts";
import { benchPage } from "../../src/server/chains/bench-page.ts";
import { database } from "../../src/server/db/application-database.ts";
import { unreadableRows } from "../../src/server/db/unreadable.ts";
import { todayCards } from "../../src/server/groups/today-page.ts";
import { planPage } from "../../src/server/plans/plan-page.ts";
import { getPlan } from "../../src/server/plans/plans.ts";
import { getSchool } from "../../src/server/school/school.ts";
import { freshDatabase } from "./fresh-database.ts";
import { send } from "./send.ts";

/** Rows of every table that hold what no version ever wrote: a folder was copied, a disk has failed, a hand was in it. */
freshDatabase("unreadable");
const [chainId, setId, routineId, sessionId, sequenceId] = Array.from({ length: 5 }, () => randomUUID());
const AIM = { focus: [], contrasts: [] };
let groupId: GroupId;

beforeAll(async () => {
  const { body } = await send("POST /api/groups", {
    body: { name: "Plovers", sequenceId: "short-vowels-first", step: 14, learners: ["Knot"] },
  });
  groupId = body.id as GroupId;
  await send("POST /api/chains", { body: { groupId, words: ["ship", "shop"], aim: AIM } });
  const db = await database();
  await db.execute(sql`insert into chains (id, group_id, title, words, aim)
    values (${chainId}, ${groupId}, 'odd', '{"words": 7}', '[]')`);
  await db.execute(sql`insert into word_sets (id, group_id, kind, title, content)
    values (${setId}, ${groupId}, 'family', 'odd', '{"kind": "family", "words": "cat"}')`);
  await db.execute(sql`insert into routines (id, group_id, title, parts)
    values (${routineId}, ${groupId}, 'odd', '[{"skill": "juggling", "count": 3}]')`);
  await db.execute(sql`insert into sequences (id, name, steps) values (${sequenceId}, 'odd', '"abc"')`);
  await db.execute(
    sql`insert into templates (id, name, parts) values (${randomUUID()}, 'odd', '[{"kind": "juggling"}]')`,
  );
  await db.execute(sql`insert into sessions (id, group_id, title, aim, run, place, started_at)
    values (${sessionId}, ${groupId}, 'odd', '{}', '{"minutes": "many"}', '7', now())`);
  await db.execute(sql`insert into plans (id, group_id, minutes, activities)
    values (${groupId}, ${groupId}, 20, '[{"id": "a", "kind": "juggling", "minutes": 2},
    {"id": "b", "kind": "free", "minutes": 2, "content": {"kind": "free", "text": "say hello"}}]')`);
  await db.execute(sql`update groups set ticks = '{"add": 7}' where id = ${groupId}`);
  await db.execute(sql`insert into workspace (id, school)
    values (1, '{"never": ["gull", 7], "accent": "martian", "mastery": {"right": 2, "of": 3, "days": 1}}')`);
});

describe("a row that cannot be read", () => {
  it("is left out of its list, and the others are there", async () => {
    const lists = [
      "GET /api/chains",
      "GET /api/sets",
      "GET /api/routines",
      "GET /api/sessions",
      "GET /api/templates",
      "GET /api/sequences",
    ] as const;
    for (const route of lists) {
      const { status, body } = await send(route, { query: `groupId=${groupId}` });
      expect(status, route).toBe(200);
      if (route !== "GET /api/sequences") expect(JSON.stringify(body), route).not.toContain("odd");
    }
    const { body } = await send("GET /api/chains", { query: `groupId=${groupId}` });
    expect(body.map(({ title }: { title: string }) => title)).toEqual(["ship to shop"]);
  });

  it("takes no screen down", async () => {
    const db = await database();
    await todayCards(db);
    await benchPage(db, { groupId });
    await planPage(db, groupId);
    expect((await send("GET /api/evidence", { query: `groupId=${groupId}` })).status).toBe(200);
  });

  it.each([
    ["GET /api/chains/:chainId", chainId],
    ["GET /api/sets/:setId", setId],
    ["GET /api/routines/:routineId", routineId],
    ["GET /api/sessions/:sessionId", sessionId],
  ] as const)("%s says so, and what to do", async (route, id) => {
    const { status, body } = await send(route, { id: id as SessionId });
    expect([status, body.error.code]).toEqual([422, "unreadable"]);
    expect(body.error.hint).toMatch(/kept as it is/);
  });

  it("of the parts of a plan, and of the school's choices, those that can be read stay", async () => {
    const db = await database();
    expect((await getPlan(db, groupId)).activities.map(({ id }) => id)).toEqual(["b"]);
    expect(await getSchool(db)).toMatchObject({ never: ["gull"], mastery: { right: 2 } });
  });

  it("is counted for the owner", async () => {
    expect(await unreadableRows(await database())).toEqual([
      { name: "chain", count: 1 },
      { name: "set", count: 1 },
      { name: "routine", count: 1 },
      { name: "template", count: 1 },
      { name: "lesson", count: 1 },
      { name: "sequence", count: 1 },
    ]);
  });
});
