import { randomUUID } from "node:crypto";
import { readFileSync } from "node:fs";
import { sql } from "drizzle-orm";
import { beforeAll, describe, expect, it } from "vitest";
import { seededRandom } from "../../src/core/index.ts";
import type { LearnerId, SessionId } from "../../src/schemas/ids.ts";
import { freshDatabase } from "./fresh-database.ts";
import { send } from "./send.ts";

/** The record cannot be wrong: several people and devices at once, and rows that nothing of ours would write. */
freshDatabase("records");
const { database } = await import("../../src/server/db/application-database.ts");
const { recount } = await import("../../src/server/evidence/recount.ts");
const { teachPage } = await import("../../src/server/sessions/teach-page.ts");
const { packsPage } = await import("../../src/server/groups/packs-page.ts");
const { addSessionWords } = await import("../../src/server/sessions/sessions.ts");

const WORDS = ["ship", "chip", "chop", "shop"];
let group: { id: string; learners: { id: string }[] };
let sessionId: string;

interface Row {
  readonly id: string;
  readonly supersedes: string | null;
  readonly standing: boolean;
  readonly withdrawn: boolean;
}

const right = { outcome: "right", substitutions: [] };
const markOf = (more: object = {}) => ({
  id: randomUUID() as string,
  sessionId,
  learnerId: group.learners[0]?.id as string,
  wordIndex: 0,
  mode: "read",
  answer: right,
  at: "2026-11-24T09:30:00Z",
  supersedes: null as string | null,
  ...more,
});
const store = (body: object) => send("POST /api/responses", { body });
const rowsOf = async (learnerId: string, wordIndex: number, mode = "read"): Promise<Row[]> =>
  (
    await (
      await database()
    ).execute(
      sql`select id, supersedes, standing, withdrawn from responses where session_id = ${sessionId}
        and learner_id = ${learnerId} and word_index = ${wordIndex} and mode = ${mode}`,
    )
  ).rows as unknown as Row[];

beforeAll(async () => {
  const learners = ["Gull", "Skua", "Auk", "Fulmar"];
  const body = { name: "Dunes", sequenceId: "short-vowels-first", step: 14, learners };
  group = (await send("POST /api/groups", { body })).body;
  const aim = { focus: [], contrasts: [] };
  const chain = await send("POST /api/chains", { body: { groupId: group.id, words: WORDS, aim } });
  sessionId = (await send("POST /api/sessions", { body: { chainId: chain.body.id } })).body.id;
});

describe("an answer that is typed", () => {
  const verdict = (typed: string, more: object = {}) =>
    send("POST /api/sessions/:sessionId/verdicts", {
      id: sessionId,
      body: { wordIndex: 0, mode: "read", typed, ...more },
    });

  it("is judged while it is typed, and nothing is stored", async () => {
    const before = await rowsOf(group.learners[0]?.id as string, 0);
    expect((await verdict("chip")).body).toMatchObject({
      verdict: "wrong",
      graphemes: ["sh", "i", "p"],
      findings: [{ kind: "substitution", unit: 0, said: ["tʃ"] }],
      patterns: ["neighbouring-word"],
    });
    expect((await verdict("ship")).body.verdict).toBe("right");
    expect((await verdict("")).body.verdict).toBe("nothing");
    expect(await rowsOf(group.learners[0]?.id as string, 0)).toEqual(before);
  });

  it.each([
    ["a place that the lesson has not", { wordIndex: 99 }],
    ["a way of working that is none", { mode: "sung" }],
    ["three thousand letters", { typed: "x".repeat(3000) }],
  ])("is refused in words: %s", async (_, more) => {
    expect((await verdict("chip", more)).status).toBe(400);
  });

  it("said by all together is counted apart: neither right nor wrong for one", async () => {
    const [, , learner] = group.learners;
    const query = `groupId=${group.id}&learnerId=${learner?.id}`;
    const answer = { outcome: "together", substitutions: [] };
    await store(markOf({ learnerId: learner?.id, wordIndex: 1, answer }));
    const { rows, responseCount, togetherCount, practised } = (await send("GET /api/evidence", { query })).body;
    expect({ rows, responseCount, togetherCount, practised }).toEqual({
      rows: [],
      responseCount: 0,
      togetherCount: 1,
      practised: { right: 0, all: 0 },
    });
  });

  it("is stored as it was typed, whatever it was, and its units are counted", async () => {
    const [, learner] = group.learners;
    const mark = (typed: string, outcome = "wrong") =>
      store(markOf({ learnerId: learner?.id, wordIndex: 2, answer: { outcome, substitutions: [], typed } }));
    const stored = (await mark("chip")).body;
    expect(stored.answer.typed).toBe("chip");
    expect(stored.verdict.units).toMatchObject([
      { result: "right" },
      { result: "substitution", said: ["ɪ"] },
      { result: "right" },
    ]);
    const odd = (await mark("12?!")).body;
    expect(odd.answer.typed).toBe("12?!");
    expect(odd.verdict.units.map(({ result }: { result: string }) => result)).toEqual([
      "not-known",
      "not-known",
      "not-known",
    ]);
  });
});

describe("one standing answer", () => {
  const learner = (n: number) => group.learners[n]?.id as string;

  it("a second device's mark corrects the first one's, and both are kept", async () => {
    const [one, other] = [markOf({ answer: { outcome: "wrong", substitutions: [] } }), markOf()];
    await Promise.all([store(one), store(other)]);
    const rows = await rowsOf(learner(0), 0);
    expect(rows).toHaveLength(2);
    const [standing] = rows.filter(({ standing }) => standing);
    expect(rows.filter(({ standing }) => standing)).toHaveLength(1);
    expect(standing?.supersedes).toBe(rows.find(({ standing }) => !standing)?.id);
    const { body } = await send("GET /api/evidence", { query: `groupId=${group.id}&learnerId=${learner(0)}` });
    expect(body.responseCount).toBe(1);
  });

  it("of two corrections of one mark one stands", async () => {
    const first = markOf({ learnerId: learner(1) });
    await store(first);
    const corrections = [1, 2].map(() => markOf({ learnerId: learner(1), supersedes: first.id }));
    const answers = await Promise.all(corrections.map(store));
    expect(answers.map(({ status }) => status)).toEqual([201, 201]);
    const rows = await rowsOf(learner(1), 0);
    expect(rows.filter(({ standing }) => standing)).toHaveLength(1);
    expect(new Set(rows.map(({ supersedes }) => supersedes)).size).toBe(3);
  });

  it("taking back a mark that another device has corrected leaves the correction standing", async () => {
    const first = markOf({ learnerId: learner(2) });
    const correction = markOf({ learnerId: learner(2), supersedes: first.id });
    await store(first);
    await store(correction);
    expect((await store(markOf({ learnerId: learner(2), supersedes: first.id, withdrawn: true }))).status).toBe(201);
    expect((await rowsOf(learner(2), 0)).filter(({ standing }) => standing).map(({ id }) => id)).toEqual([
      correction.id,
    ]);
    await store(markOf({ learnerId: learner(2), supersedes: correction.id, withdrawn: true }));
    expect((await rowsOf(learner(2), 0)).filter(({ standing }) => standing)).toEqual([]);
  });

  it("read and built are two answers to one word", async () => {
    const read = markOf({ learnerId: learner(3) });
    await store(read);
    const answer = { ...right, built: [["sh", "i", "p"]] };
    await store(markOf({ learnerId: learner(3), mode: "built", answer, supersedes: null }));
    const { body } = await send("GET /api/sessions/:sessionId", { id: sessionId });
    const modes = body.responses
      .filter((r: { learnerId: string }) => r.learnerId === learner(3))
      .map((r: { mode: string }) => r.mode);
    expect(modes.sort()).toEqual(["built", "read"]);
  });

  it.each([
    ["a card's way of working for a word", { mode: "card" }, /cannot be answered in this way/],
    ["a word that stands elsewhere", { word: "shop" }, /another word now/],
    ["a place beyond the lesson", { wordIndex: 9 }, /no word 10/],
  ])("refuses %s, and stores nothing", async (_, more, says) => {
    const sent = markOf({ wordIndex: 2, ...more });
    const { status, body } = await store(sent);
    expect([status, body.error.message]).toEqual([400, expect.stringMatching(says)]);
    const { rows } = await (await database()).execute(sql`select 1 from responses where id = ${sent.id}`);
    expect(rows).toEqual([]);
  });

  it.each([
    ["a mode that is none", sql`'xyz'`, sql`0`, sql`null::uuid`, sql`false`, "responses_mode"],
    ["a place below 0", sql`'read'`, sql`-5`, sql`null::uuid`, sql`false`, "responses_word_index"],
    [
      "a correction of nothing",
      sql`'read'`,
      sql`3`,
      sql`gen_random_uuid()`,
      sql`false`,
      "responses_supersedes_responses_id_fk",
    ],
    ["a second standing answer", sql`'read'`, sql`0`, sql`null::uuid`, sql`true`, "one_standing_answer"],
  ])("the database itself refuses %s", async (_, mode, place, supersedes, standing, constraint) => {
    const db = await database();
    const insert = db.execute(sql`insert into responses (id, session_id, learner_id, word_index, word, target, mode,
      answer, verdict, classifier, supersedes, standing, at) values (gen_random_uuid(), ${sessionId}, ${learner(0)},
      ${place}, 'ship', 'sh.i.p ʃ.ɪ.p', ${mode}, '{}', '{}', 1, ${supersedes}, ${standing}, now())`);
    await expect(insert).rejects.toMatchObject({ cause: { constraint } });
  });
});

describe("several people at once", () => {
  it("keeps every activity that is put into a plan, and each word of a running lesson in its place", async () => {
    const aim = { focus: [], contrasts: [] };
    const chains = await Promise.all(
      ["pat", "pit", "pot"].map(
        async (word) =>
          (await send("POST /api/chains", { body: { groupId: group.id, words: [word, `s${word}`], aim } })).body.id,
      ),
    );
    await Promise.all(
      chains.map((chainId) => send("POST /api/plans/:planId/activities", { id: group.id, body: { chainId } })),
    );
    const plan = (await send("GET /api/groups/:groupId/plan", { id: group.id })).body;
    expect(plan.activities.map(({ ref }: { ref: string }) => ref).sort()).toEqual([...chains].sort());

    const session = (await send("GET /api/sessions/:sessionId", { id: sessionId })).body.session;
    const activityId = session.run.activities[0].id;
    const added = ["mat", "hat", "chat"];
    const answers = await Promise.all(
      added.map((word) =>
        send("POST /api/sessions/:sessionId/words", { id: sessionId, body: { activityId, words: [word] } }),
      ),
    );
    const now = (await send("GET /api/sessions/:sessionId", { id: sessionId })).body.session;
    for (const [k, word] of added.entries()) {
      expect(now.words[answers[k]?.body.items.at(-1).index]).toBe(word);
    }
    expect(now.words.slice(0, WORDS.length)).toEqual(WORDS);
  });

  it("what was taken out last can be put back, however much was taken out before", async () => {
    const url = "PUT /api/groups/:groupId/plan" as const;
    const aim = { focus: [], contrasts: [] };
    const whole = (await send("GET /api/groups/:groupId/plan", { id: group.id })).body;
    const kept = whole.activities.map(({ id, minutes }: { id: string; minutes: number }) => ({ id, minutes }));
    let last = { id: "", minutes: 0 };
    for (let n = 0; n < 23; n++) {
      const body = { groupId: group.id, words: ["pat", "pit"], aim };
      const chainId = (await send("POST /api/chains", { body })).body.id;
      const plan = await send("POST /api/plans/:planId/activities", { id: group.id, body: { chainId } });
      last = plan.body.activities.at(-1);
      await send(url, { id: group.id, body: { minutes: whole.minutes, activities: kept } });
    }
    const back = [...kept, { id: last.id, minutes: last.minutes }];
    const { status, body } = await send(url, { id: group.id, body: { minutes: whole.minutes, activities: back } });
    expect([status, body.activities?.at(-1)?.id]).toEqual([200, last.id]);
    await send(url, { id: group.id, body: { minutes: whole.minutes, activities: kept } });
  });

  it("edits of one plan come together; the same thing changed twice is a conflict that says so", async () => {
    const url = "PUT /api/groups/:groupId/plan" as const;
    const shown = (await send("GET /api/groups/:groupId/plan", { id: group.id })).body;
    const base = {
      minutes: shown.minutes,
      activities: shown.activities.map(({ id, minutes }: { id: string; minutes: number }) => ({ id, minutes })),
    };
    const [first, second, third] = base.activities;
    const longer = { ...first, minutes: first.minutes + 2 };
    const one = await send(url, { id: group.id, body: { ...base, activities: [longer, second, third], base } });
    const other = await send(url, { id: group.id, body: { minutes: 35, activities: [third, first], base } });
    expect([one.status, other.status]).toEqual([200, 200]);
    expect(other.body.minutes).toBe(35);
    expect(other.body.activities.map(({ id }: { id: string }) => id)).toEqual([third.id, first.id]);
    expect(other.body.activities[1].minutes).toBe(first.minutes + 2);
    const shorter = { ...first, minutes: first.minutes + 1 };
    const clash = await send(url, { id: group.id, body: { ...base, activities: [shorter, second, third], base } });
    expect([clash.status, clash.body.error.code]).toEqual([409, "conflict"]);
    expect(clash.body.error.message).toContain("Somebody else");
    const draft = { focus: [], contrasts: [], minutes: 20, seed: 1, version: shown.version };
    expect((await send("POST /api/groups/:groupId/plan", { id: group.id, body: draft })).status).toBe(409);
    const after = (await send("GET /api/groups/:groupId/plan", { id: group.id })).body;
    expect(after).toEqual(other.body);
  });

  it.each([1, 2, 3])(
    "whatever two to four devices send in whatever order, every line of answers is whole (seed %i)",
    async (seed) => {
      const random = seededRandom(seed);
      const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
      const devices = 2 + Math.floor(random() * 3);
      const known: ReturnType<typeof markOf>[][] = Array.from({ length: devices }, () => []);
      const sent: string[] = [];
      for (let turn = 0; turn < 12; turn++) {
        const batch = known.map((mine) => {
          const old = mine.length > 0 && random() < 0.5 ? pick(mine) : undefined;
          const place = old ?? { learnerId: pick(group.learners).id, wordIndex: 1 + Math.floor(random() * 3) };
          const mark = markOf({
            learnerId: place.learnerId,
            wordIndex: place.wordIndex,
            supersedes: old?.id ?? null,
            ...(old && random() < 0.4 && { withdrawn: true }),
          });
          mine.push(mark);
          sent.push(mark.id);
          return mark;
        });
        // Some are sent twice: the answer did not come through.
        const all = batch.flatMap((mark) => (random() < 0.3 ? [mark, mark] : [mark]));
        const answers = await Promise.all(all.map(store));
        expect(answers.map(({ status }) => status)).toEqual(all.map(() => 201));
      }
      const found = new Set<string>();
      for (const { id } of group.learners)
        for (const place of [1, 2, 3]) {
          const rows = await rowsOf(id, place);
          for (const row of rows) found.add(row.id);
          // One beginning, no forks, and what stands is the end.
          const line = rows.filter(({ withdrawn, supersedes }) => !withdrawn || supersedes !== null);
          expect(line.filter(({ supersedes }) => supersedes === null).length).toBe(line.length > 0 ? 1 : 0);
          const replaced = new Set(line.map(({ supersedes }) => supersedes));
          expect(replaced.size).toBe(line.length);
          const last = line.filter(({ id }) => !replaced.has(id));
          expect(last.length).toBe(line.length > 0 ? 1 : 0);
          expect(rows.filter(({ standing }) => standing).map(({ id }) => id)).toEqual(
            last.filter(({ withdrawn }) => !withdrawn).map(({ id }) => id),
          );
        }
      expect(sent.filter((id) => !found.has(id))).toEqual([]);
    },
  );
});

describe("rows that cannot be read", () => {
  it("take no screen down: they are left out, kept, counted and told", async () => {
    const db = await database();
    const before = (await send("GET /api/evidence", { query: `groupId=${group.id}` })).body;
    expect(before.unreadable).toBe(0);
    const rows = [
      ["ship", "zz.q z.q", "read", "{}", "{}"],
      ["ship", "zz q", "card", JSON.stringify(right), '{"units":[]}'],
      ["ship", "sh.i.p ʃ.ɪ.p", "read", JSON.stringify(right), '{"units":[{"result":"no such","said":[]}]}'],
    ] as const;
    await addSessionWords(db, sessionId as SessionId, Array(rows.length).fill("ship"), 50);
    for (const [k, [word, target, mode, answer, verdict]] of rows.entries())
      await db.execute(sql`insert into responses (id, session_id, learner_id, word_index, word, target, mode, answer,
        verdict, classifier, standing, at) values (gen_random_uuid(), ${sessionId}, ${group.learners[0]?.id}, ${50 + k},
        ${word}, ${target}, ${mode}, ${answer}::jsonb, ${verdict}::jsonb, 1, true, now())`);
    // Rows come so from another version, whose totals are made anew at the start.
    await recount(db, group.learners[0]?.id as LearnerId);
    const { status, body } = await send("GET /api/evidence", { query: `groupId=${group.id}` });
    expect([status, body.unreadable, body.responseCount]).toEqual([200, rows.length, before.responseCount]);
    await teachPage(db, sessionId as SessionId);
    await packsPage(db, group.id, new Date());
    expect((await send("GET /api/sessions/:sessionId", { id: sessionId })).status).toBe(200);
  });
});

describe("a mark for a word that the lesson has not", () => {
  it("is refused by the database itself, and so is a second word under one number", async () => {
    const db = await database();
    const mark = (place: number) =>
      db.execute(sql`insert into responses (id, session_id, learner_id, word_index, word, target, mode, answer, verdict,
        classifier, standing, at) values (gen_random_uuid(), ${sessionId}, ${group.learners[0]?.id}, ${place}, 'ship',
        'sh.i.p ʃ.ɪ.p', 'read', '{}', '{}', 1, false, now())`);
    await expect(mark(999)).rejects.toThrow();
    await expect(addSessionWords(db, sessionId as SessionId, ["chop"], 0)).rejects.toThrow();
  });
});

describe("a lesson that is over", () => {
  it("takes a mark that was made while it ran, and says that it is late; a later one only once it goes on", async () => {
    const aim = { focus: [], contrasts: [] };
    const chain = await send("POST /api/chains", { body: { groupId: group.id, words: WORDS, aim } });
    const lesson = (await send("POST /api/sessions", { body: { chainId: chain.body.id } })).body.id;
    await send("PATCH /api/sessions/:sessionId", { id: lesson, body: { ended: true } });
    const inTime = markOf({ sessionId: lesson, at: new Date().toISOString() });
    expect(await store(inTime)).toMatchObject({ status: 201, body: { late: true } });
    const after = markOf({ sessionId: lesson, wordIndex: 1, at: new Date(Date.now() + 3_600_000).toISOString() });
    expect(await store(after)).toMatchObject({ status: 409, body: { error: { code: "lesson-over" } } });
    await send("PATCH /api/sessions/:sessionId", { id: lesson, body: { ended: false } });
    const stored = await store(after);
    expect([stored.status, stored.body.late]).toEqual([201, undefined]);
  });
});

describe("answers of an earlier Zip Step", () => {
  it("become one line a word: the last that came in stands, and no row is lost", async () => {
    const db = await database();
    const found = readFileSync("src/server/db/migrations/0008_trust.sql", "utf8");
    const update = /UPDATE "responses" SET[\s\S]*?;/.exec(found)?.[0] as string;
    const learner = group.learners[1]?.id;
    await db.execute(sql`drop index superseded_once`);
    await db.execute(sql`drop index one_standing_answer`);
    await db.execute(sql`alter table responses drop constraint responses_supersedes_responses_id_fk`);
    const [a, b, c] = ["a", "b", "c"].map((n) => `00000000-0000-4000-8000-00000000000${n}`);
    await addSessionWords(db, sessionId as SessionId, ["ship"], 70);
    // Two corrections of one mark, one of them of nothing that is there.
    for (const [id, supersedes, minute] of [
      [a, null, 1],
      [b, a, 2],
      [c, randomUUID(), 3],
    ] as const)
      await db.execute(sql`insert into responses (id, session_id, learner_id, word_index, word, target, mode, answer,
        verdict, classifier, supersedes, standing, at, created_at) values (${id}, ${sessionId}, ${learner}, 70, 'ship',
        'sh.i.p ʃ.ɪ.p', 'read', '{}', '{}', 1, ${supersedes}, true, now(),
        timestamp '2026-01-01' + make_interval(mins => ${minute}))`);
    await db.execute(sql.raw(update));
    const rows = await rowsOf(learner as string, 70);
    expect(rows.map(({ id, supersedes, standing }) => [id, supersedes, standing]).sort()).toEqual([
      [a, null, false],
      [b, a, false],
      [c, b, true],
    ]);
  });
});
