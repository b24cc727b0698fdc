import { randomUUID } from "node:crypto";
import { beforeAll, describe, expect, it } from "vitest";
import type { GroupId, LearnerId } from "../../src/schemas/ids.ts";
import { freshDatabase } from "./fresh-database.ts";
import { send } from "./send.ts";

/** A lesson answered by made-up learners: apart from real records everywhere, and erased with one press. */
freshDatabase("rehearsal");
const { openedDatabase } = await import("../../src/server/db/application-database.ts");
const { learners } = await import("../../src/server/db/schema.ts");
const { evidencePage } = await import("../../src/server/evidence/evidence-page.ts");
const { eraseDue } = await import("../../src/server/groups/erasure.ts");
const { peoplePage } = await import("../../src/server/groups/people-page.ts");
const { teachPage } = await import("../../src/server/sessions/teach-page.ts");

let group: { id: GroupId; learners: { id: LearnerId; nickname: string }[] };
const AIM = { focus: ["th=θ"], contrasts: [] };
const begin = async () => send("POST /api/groups/:groupId/rehearsals", { id: group.id });
const nicknames = async () => {
  const { db } = await openedDatabase();
  return (await db.select().from(learners)).map(({ nickname }) => nickname).sort();
};
const eraseNow = async () => {
  const { write } = await openedDatabase();
  return write((db) => eraseDue(db, new Date(Date.now() + 1000)));
};

beforeAll(async () => {
  const body = { name: "Dunes", sequenceId: "short-vowels-first", step: 13, learners: ["Gull", "Skua"] };
  group = (await send("POST /api/groups", { body })).body;
});

describe("a rehearsal", () => {
  it("needs a lesson", async () => {
    const { status, body } = await begin();
    expect(status).toBe(400);
    expect(body.error.message).toMatch(/nothing in the lesson yet/);
    expect(await nicknames()).toEqual(["Gull", "Skua"]);
  });

  it("has made-up learners of its own, who answer; nothing of it is counted or listed elsewhere", async () => {
    await send("POST /api/groups/:groupId/plan", { id: group.id, body: { ...AIM, minutes: 20, seed: 3 } });
    const session = (await begin()).body;
    const { db } = await openedDatabase();
    const page = await teachPage(db, session.id);
    expect(page.group.learners.map(({ nickname }) => nickname)).toEqual(["Pebble", "Kelp", "Limpet"]);
    expect(Object.keys(page.madeUp ?? {})).toEqual(page.group.learners.map(({ id }) => id));
    // The same after the page is loaded again.
    expect((await teachPage(db, session.id)).madeUp).toEqual(page.madeUp);
    const item = page.activities
      .flatMap(({ items }) => items)
      .find(({ index, mode }) => index !== null && mode === "read");
    const body = {
      ...{ id: randomUUID(), sessionId: session.id, learnerId: page.group.learners[0]?.id, wordIndex: item?.index },
      ...{ mode: "read", answer: { outcome: "right", substitutions: [] }, at: new Date().toISOString() },
    };
    expect((await send("POST /api/responses", { body })).status).toBe(201);
    expect((await evidencePage(db, page.group.id, null)).report?.responseCount).toBe(1);
    expect((await evidencePage(db, group.id, null)).report?.responseCount).toBe(0);
    const { groups, hiddenGroups, learners: known } = await peoplePage(db);
    expect([groups.map(({ name }) => name), hiddenGroups, known.map(({ nickname }) => nickname)]).toEqual([
      ["Dunes"],
      [],
      ["Gull", "Skua"],
    ]);
    const real = await teachPage(
      db,
      (await send("POST /api/sessions", { body: { groupId: group.id, lesson: true } })).body.id,
    );
    expect(real.madeUp).toBeUndefined();
  });

  it("goes with one press, and another takes the place of one that is still there", async () => {
    const first = (await begin()).body;
    expect(await nicknames()).toHaveLength(2 + 3 + 3);
    await eraseNow();
    expect(await nicknames()).toHaveLength(2 + 3);
    expect((await send("DELETE /api/groups/:groupId/rehearsal", { id: first.groupId })).status).toBeLessThan(300);
    await eraseNow();
    expect(await nicknames()).toEqual(["Gull", "Skua"]);
    expect((await send("DELETE /api/groups/:groupId/rehearsal", { id: group.id })).status).toBe(404);
  });

  it("cannot be rehearsed, and is gone with the group whose lesson it was", async () => {
    const session = (await begin()).body;
    expect((await send("POST /api/groups/:groupId/rehearsals", { id: session.groupId })).status).toBe(400);
    await send("DELETE /api/groups/:groupId", { id: group.id });
    const { write } = await openedDatabase();
    await write((db) => eraseDue(db, new Date(Date.now() + 11 * 60_000)));
    expect(await nicknames()).toEqual([]);
  });
});
