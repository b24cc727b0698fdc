import { randomUUID } from "node:crypto";
import { eq, sql } from "drizzle-orm";
import { afterAll, beforeAll, describe, expect, it, vi } from "vitest";
import { OUTCOMES, seededRandom } from "../../src/core/index.ts";
import type { GroupId, LearnerId } from "../../src/schemas/ids.ts";
import { inFull } from "../in-full.ts";
import { freshDatabase } from "./fresh-database.ts";
import { send } from "./send.ts";

/** Counts that are kept up with the answers say what the answers say, whatever was done to these. */
freshDatabase("totals");
const { database, openedDatabase } = await import("../../src/server/db/application-database.ts");
const { unitTotals } = await import("../../src/server/db/schema-totals.ts");
const { disagreements, recount } = await import("../../src/server/evidence/recount.ts");
const { unitCountsOf } = await import("../../src/server/evidence/totals.ts");
const { eraseDue } = await import("../../src/server/groups/erasure.ts");

const AIM = { focus: [], contrasts: [] };
const WORDS = ["ship", "chip", "chop", "shop"];
const SAID = [["ɪ"], ["e"], ["s"], []];
let group: { id: GroupId; learners: { id: LearnerId }[] };

async function lessonOf(groupId: string): Promise<string> {
  const { body } = await send("POST /api/chains", { body: { groupId, words: WORDS, aim: AIM } });
  return (await send("POST /api/sessions", { body: { chainId: body.id } })).body.id;
}
const newGroup = async (name: string, learners: string[]) =>
  (await send("POST /api/groups", { body: { name, sequenceId: "short-vowels-first", step: 14, learners } })).body;

/** Answers, corrections and marks taken back, at random. @param count how many */
async function markAtRandom(
  sessionId: string,
  learners: readonly { id: LearnerId }[],
  count: number,
  seed: number,
  words = WORDS.length,
) {
  const random = seededRandom(seed);
  const pick = <T>(list: readonly T[]) => list[Math.floor(random() * list.length)] as T;
  const last = new Map<string, string>();
  for (let k = 0; k < count; k++) {
    const { id: learnerId } = pick(learners);
    const wordIndex = Math.floor(random() * words);
    const mode = pick(["read", "wrote", "chose"] as const);
    const line = `${learnerId} ${wordIndex} ${mode}`;
    const outcome = pick(OUTCOMES);
    const substitutions = outcome === "wrong" ? [{ unit: Math.floor(random() * 3), said: pick(SAID) }] : [];
    const withdrawn = last.has(line) && random() < 0.2;
    const body = {
      ...{ id: randomUUID(), sessionId, learnerId, wordIndex, mode, answer: { outcome, substitutions } },
      ...{ at: "2026-11-24T09:30:00Z", withdrawn, supersedes: random() < 0.7 ? (last.get(line) ?? null) : null },
    };
    const { status } = await send("POST /api/responses", { body });
    expect(status).toBe(201);
    last.set(line, body.id);
  }
}

const allDisagreements = async (learners: readonly { id: LearnerId }[]) => {
  const db = await database();
  return (await Promise.all(learners.map(({ id }) => disagreements(db, id)))).flat();
};

beforeAll(async () => {
  group = await newGroup("Dunes", ["Gull", "Skua", "Tern"]);
  await markAtRandom(await lessonOf(group.id), group.learners, inFull(80, 160), 18);
});

describe("totals", () => {
  it("agree with the answers after marks, corrections and marks taken back", async () => {
    expect(await allDisagreements(group.learners)).toEqual([]);
    const counts = await unitCountsOf(await database(), { groupId: group.id });
    expect(counts.some(({ said }) => said !== undefined)).toBe(true);
    expect(counts.some(({ way }) => way === "built")).toBe(true);
  });

  it("that were altered are found, and made anew from the answers", async () => {
    const db = await database();
    const [{ id }] = group.learners as [{ id: LearnerId }];
    const before = await send("GET /api/evidence", { query: `groupId=${group.id}` });
    await db.update(unitTotals).set({ count: sql`count + 1` }).where(eq(unitTotals.learnerId, id));
    expect((await allDisagreements(group.learners)).length).toBeGreaterThan(2);
    await (await openedDatabase()).write((transaction) => recount(transaction, id));
    expect(await allDisagreements(group.learners)).toEqual([]);
    expect((await send("GET /api/evidence", { query: `groupId=${group.id}` })).body).toEqual(before.body);
  });

  it("follow a learner to another group, and lose what goes with the first one", async () => {
    const [first, second] = [await newGroup("Rocks", ["Auk"]), await newGroup("Cliffs", ["Murre"])];
    const auk = first.learners[0];
    await markAtRandom(await lessonOf(first.id), [auk], 12, 3);
    await send("PATCH /api/learners/:learnerId", { id: auk.id, body: { groupId: second.id } });
    await markAtRandom(await lessonOf(second.id), [auk], 12, 4);
    expect(await allDisagreements([auk])).toEqual([]);
    await send("DELETE /api/groups/:groupId", { id: first.id });
    await (await openedDatabase()).write((db) => eraseDue(db, new Date(Date.now() + 11 * 60_000)));
    expect(await allDisagreements([auk])).toEqual([]);
    const { body } = await send("GET /api/evidence", { query: `groupId=${second.id}` });
    expect(body.lessonCount).toBe(1);
  });

  it("lead to what to work on next, which can be put off and taken up", async () => {
    const made = await newGroup("Skerry", ["Fulmar"]);
    const fulmar = made.learners[0];
    const sessionId = await lessonOf(made.id);
    const proposals = async () => (await send("GET /api/groups/:groupId/proposals", { id: made.id })).body;
    expect(await proposals()).toEqual([]);
    for (const wordIndex of [0, 3]) {
      const answer = { outcome: "wrong", substitutions: [{ unit: 0, said: ["tʃ"] }] };
      const body = { ...{ id: randomUUID(), sessionId, learnerId: fulmar.id, wordIndex, mode: "read", answer } };
      await send("POST /api/responses", { body: { ...body, at: "2026-11-24T09:30:00Z" } });
    }
    const [first] = await proposals();
    expect(first).toMatchObject({ id: "sh=ʃ>tʃ", contrast: { a: "sh=ʃ", b: "ch=tʃ" }, isNamed: false });
    expect(first.settledAfter).toBeGreaterThan(0);
    expect(first.learners).toMatchObject([{ nickname: "Fulmar", times: 2, chances: 2 }]);
    const query = `focusId=${encodeURIComponent(first.id)}`;
    const route = "/api/groups/:groupId/put-off";
    for (const _ of [1, 2]) expect((await send(`PUT ${route}`, { id: made.id, query })).status).toBe(204);
    expect(await proposals()).toEqual([]);
    expect((await send(`DELETE ${route}`, { id: made.id, query })).status).toBe(204);
    expect(await proposals()).toHaveLength(1);
    expect((await send(`PUT ${route}`, { id: made.id, query: "focusId=rubbish" })).status).toBe(400);
    expect((await send(`PUT ${route}`, { id: randomUUID(), query })).status).toBe(404);
  });

  it("of a learner who was erased are gone", async () => {
    const made = await newGroup("Shoal", ["Petrel"]);
    const petrel = made.learners[0];
    await markAtRandom(await lessonOf(made.id), [petrel], 8, 5);
    await send("DELETE /api/learners/:learnerId", { id: petrel.id });
    await (await openedDatabase()).write((db) => eraseDue(db, new Date(Date.now() + 11 * 60_000)));
    const db = await database();
    for (const table of ["unit_totals", "outcome_totals", "lesson_totals", "skill_totals"]) {
      const { rows } = await db.execute(
        sql`select count(*)::int as n from ${sql.identifier(table)} where learner_id = ${petrel.id}`,
      );
      expect(rows[0]?.["n"], table).toBe(0);
    }
  });
});

describe("what counts, by the school's rule", () => {
  const ALL = { tappedCounts: true, everyRepeatCounts: true, badLessonsCount: true };
  const countBy = async (counting: object) => {
    const { body } = await send("GET /api/school");
    expect((await send("PUT /api/school", { body: { ...body, counting: { ...ALL, ...counting } } })).status).toBe(200);
    // Totals are made anew after the answer.
    await vi.waitFor(async () => expect(await allDisagreements(skerry.learners)).toEqual([]), { timeout: 300_000 });
  };
  const counted = async (query = "") => {
    const { body } = await send("GET /api/evidence", { query: `groupId=${skerry.id}${query}` });
    const chances = (body.rows as { chances: number }[]).reduce((sum, row) => sum + row.chances, 0);
    return { chances, responseCount: body.responseCount };
  };
  /** Every word comes again. */
  const LONG = [...WORDS, ...WORDS, ...WORDS];
  const longLesson = async (): Promise<string> =>
    (await send("POST /api/sessions", { body: { groupId: skerry.id, words: LONG } })).body.id;
  let skerry: { id: GroupId; learners: { id: LearnerId }[] };

  beforeAll(async () => {
    skerry = await newGroup("Shallows", ["Auk", "Murre"]);
    await markAtRandom(await longLesson(), skerry.learners, 160, 6, LONG.length);
  });
  afterAll(() => countBy({}));

  it.each([
    { tappedCounts: false },
    { everyRepeatCounts: false },
    { badLessonsCount: false },
    { tappedCounts: false, everyRepeatCounts: false, badLessonsCount: false },
  ])("%o: fewer chances, the same answers; agrees after more marks, corrections and marks taken back", async (rule) => {
    await countBy({});
    const before = await counted();
    await countBy(rule);
    const after = await counted();
    expect(after.responseCount).toBe(before.responseCount);
    expect(after.chances).toBeLessThan(before.chances);
    await markAtRandom(await longLesson(), skerry.learners, inFull(25, 60), 8, LONG.length);
    expect(await allDisagreements(skerry.learners)).toEqual([]);
    expect(await counted("&from=2020-01-01&to=2030-01-01")).toEqual(await counted());
  });

  it("decides what is opened behind a figure", async () => {
    await countBy({});
    const query = `groupId=${skerry.id}&gpc=${encodeURIComponent("i=ɪ")}`;
    const open = async () =>
      (await send("GET /api/evidence/responses", { query })).body.responses as { outcome: string }[];
    expect((await open()).some(({ outcome }) => outcome === "after-tapping")).toBe(true);
    await countBy({ tappedCounts: false });
    expect((await open()).some(({ outcome }) => outcome === "after-tapping")).toBe(false);
  });
});

describe("a look at some days, or at one place", () => {
  const rowsFor = async (query: string) => {
    const { body } = await send("GET /api/evidence", { query: `groupId=${dated.id}&${query}` });
    return {
      counts: Object.fromEntries(
        (body.rows as { gpc: string; wrong: number; chances: number }[]).map(({ gpc, wrong, chances }) => [
          gpc,
          [wrong, chances],
        ]),
      ),
      all: body.responseCount,
      lessons: body.lessonCount,
    };
  };
  let dated: { id: GroupId; learners: { id: LearnerId }[] };

  beforeAll(async () => {
    dated = await newGroup("Skerries", ["Rook"]);
    const learnerId = dated.learners[0]?.id;
    for (const [day, said] of [
      ["2026-11-02", ["e"]],
      ["2026-11-09", ["e"]],
      ["2026-11-16", undefined],
    ] as const) {
      const sessionId = await lessonOf(dated.id);
      const answer = said
        ? { outcome: "wrong", substitutions: [{ unit: 1, said }] }
        : { outcome: "right", substitutions: [] };
      const body = {
        id: randomUUID(),
        sessionId,
        learnerId,
        wordIndex: 0,
        mode: "read",
        answer,
        at: `${day}T09:30:00Z`,
      };
      expect((await send("POST /api/responses", { body })).status).toBe(201);
    }
  });

  it("counts what the days hold, both of them included, whichever is named first", async () => {
    expect((await rowsFor("")).counts["i=ɪ"]).toEqual([2, 3]);
    const some = await rowsFor("from=2026-11-09&to=2026-11-16");
    expect(some).toEqual({ counts: expect.objectContaining({ "i=ɪ": [1, 2] }), all: 2, lessons: 2 });
    expect(await rowsFor("from=2026-11-16&to=2026-11-09")).toEqual(some);
    expect((await rowsFor("to=2026-11-02")).counts["i=ɪ"]).toEqual([1, 1]);
    expect(await rowsFor("from=2027-01-01")).toEqual({ counts: {}, all: 0, lessons: 0 });
  });

  it("says the same of all days as the totals say", async () => {
    expect(await rowsFor("from=2020-01-01&to=2030-01-01")).toEqual(await rowsFor(""));
  });

  it("looks at one place in the word, and opens what the days hold", async () => {
    expect(Object.keys((await rowsFor("position=final")).counts)).toEqual(["p=p"]);
    const query = `groupId=${dated.id}&gpc=${encodeURIComponent("i=ɪ")}&wrong=true&from=2026-11-09`;
    const { responses: found } = (await send("GET /api/evidence/responses", { query })).body;
    expect(found.map(({ at }: { at: string }) => at.slice(0, 10))).toEqual(["2026-11-09"]);
  });

  it("tells of change from lesson to lesson, the oldest first, in whichever group each was taught", async () => {
    const pointsOf = async (groupId: string) =>
      (await send("GET /api/evidence/change", { query: `groupId=${groupId}` })).body.points as { day: string }[];
    const days = ["2026-11-02", "2026-11-09", "2026-11-16"];
    const before = await pointsOf(dated.id);
    expect(before.map(({ day }) => day)).toEqual(days);
    const other = await newGroup("Stacks", ["Kittiwake"]);
    expect(await pointsOf(other.id)).toEqual([]);
    const id = dated.learners[0]?.id as string;
    await send("PATCH /api/learners/:learnerId", { id, body: { groupId: other.id } });
    expect(await pointsOf(other.id)).toEqual(before);
    expect(await pointsOf(dated.id)).toEqual([]);
    await send("PATCH /api/learners/:learnerId", { id, body: { groupId: dated.id } });
    expect(await pointsOf(dated.id)).toEqual(before);
  });

  it.each(["from=yesterday", "to=2026-02-30", "from=0001-01-01", "position=nowhere"])(
    "refuses %s in words",
    async (query) => {
      const { status, body } = await send("GET /api/evidence", { query: `groupId=${dated.id}&${query}` });
      expect([status, body.error.fields.length]).toEqual([400, 1]);
    },
  );
});
