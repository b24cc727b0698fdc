import { randomUUID } from "node:crypto";
import { beforeAll, describe, expect, it } from "vitest";
import type { GroupId, LearnerId } from "../../src/schemas/ids.ts";
import { freshDatabase } from "./fresh-database.ts";
import { send } from "./send.ts";

/** A probe as a lesson: its words are chosen one by one by what was answered. */
freshDatabase("probe");
const { openedDatabase } = await import("../../src/server/db/application-database.ts");
const { sessions } = await import("../../src/server/db/schema.ts");
const { checkStep, shippedLexicon } = await import("../../src/core/index.ts");
const { eraseDue } = await import("../../src/server/groups/erasure.ts");

let group: { id: GroupId; learners: { id: LearnerId }[] };
const begin = (learnerId: string) =>
  send("POST /api/sessions", { body: { groupId: group.id, learnerId, probe: true } });
const found = async (id: string) => (await send("GET /api/sessions/:sessionId/probe", { id })).body;

beforeAll(async () => {
  const body = { name: "Dunes", sequenceId: "short-vowels-first", step: 13, learners: ["Gull", "Skua"] };
  group = (await send("POST /api/groups", { body })).body;
});

describe("a probe", () => {
  it("is for one learner; each next word is one step away and asks what is open; a pattern is named", async () => {
    const learnerId = group.learners[0]?.id as LearnerId;
    const session = (await begin(learnerId)).body;
    expect(session.run.learnerId).toBe(learnerId);
    const activityId = session.run.activities[0].id;
    const words: string[] = [...session.words];
    for (let k = 0; k < 30; k++) {
      const word = words[k] as string;
      const units = shippedLexicon().get(word)?.readings[0].units ?? [];
      const unit = units.findIndex(({ grapheme }) => grapheme === "e");
      const substitutions = unit < 0 ? [] : [{ unit, said: ["ɪ"] }];
      const answer = { outcome: unit < 0 ? "right" : "wrong", substitutions };
      const response = { id: randomUUID(), sessionId: session.id, learnerId, wordIndex: k, mode: "read", answer };
      const stored = await send("POST /api/responses", { body: { ...response, at: new Date().toISOString() } });
      expect(stored.status).toBe(201);
      const { beliefs, next } = await found(session.id);
      const e = beliefs.find((one: { gpc: string }) => one.gpc === "e=e");
      if (e?.state === "named") {
        expect(e).toMatchObject({ said: ["ɪ"], times: 3, chances: 3 });
        return;
      }
      expect(checkStep(word, next.word).single, `${word} to ${next.word}`).toBe(true);
      const put = { id: session.id, body: { activityId, words: [next.word] } };
      expect((await send("POST /api/sessions/:sessionId/words", put)).status).toBe(200);
      words.push(next.word);
    }
    throw new Error(`e was not named in ${words.join(" ")}`);
  });

  it("is refused where nothing can be told apart yet, for a stranger, and asked of another lesson", async () => {
    const body = { name: "Reeds", sequenceId: "short-vowels-first", step: 1, learners: ["Teal"] };
    const young = (await send("POST /api/groups", { body })).body;
    const none = { gpcs: [], patterns: [], words: [] };
    const ticks = { add: none, remove: { ...none, gpcs: ["a=æ", "i=ɪ"] } };
    expect((await send("PUT /api/groups/:groupId/ticks", { id: young.id, body: ticks })).status).toBe(200);
    const probe = { groupId: young.id, learnerId: young.learners[0].id, probe: true };
    const tooEarly = await send("POST /api/sessions", { body: probe });
    expect(tooEarly.status).toBe(400);
    expect(tooEarly.body.error.message).toMatch(/Too little has been taught/);
    expect((await begin(young.learners[0].id)).status).toBe(404);
    const other = (await send("POST /api/sessions", { body: { groupId: group.id, words: ["ship"] } })).body;
    expect((await send("GET /api/sessions/:sessionId/probe", { id: other.id })).status).toBe(400);
  });

  it("goes with the learner it was of", async () => {
    const { db, write } = await openedDatabase();
    const learnerId = group.learners[1]?.id as LearnerId;
    const { id } = (await begin(learnerId)).body;
    await send("DELETE /api/learners/:learnerId", { id: learnerId });
    await write((tx) => eraseDue(tx, new Date(Date.now() + 3_600_000)));
    const left = await db.select({ id: sessions.id }).from(sessions);
    expect(left.map((row) => row.id)).not.toContain(id);
  });
});
