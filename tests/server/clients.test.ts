import { randomUUID } from "node:crypto";
import { sql } from "drizzle-orm";
import fc from "fast-check";
import { beforeAll, describe, expect, it } from "vitest";
import type { SchoolSettings } from "../../src/core/index.ts";
import { database } from "../../src/server/db/application-database.ts";
import type { Plan } from "../../src/server/plans/plans.ts";
import { inFull } from "../in-full.ts";
import { freshDatabase } from "./fresh-database.ts";
import { send } from "./send.ts";

/**
 * Two to four clients, each with what it saw last, do things at the same moment; then what is stored is held against a
 * plain model in which one thing is done after the other. Where the order decides, the model knows every outcome there
 * may be.
 */
freshDatabase("clients");
const AIM = { focus: [], contrasts: [] };
const CHAINS = ["pat", "pit", "pot", "pet"];
const WORDS = ["ship", "chip", "chop", "shop"];
const ADDED = ["mat", "hat", "chat", "cat"];
const KEPT_OUT = ["auk", "gull", "skua", "tern"];
let group: { id: string; learners: { id: string }[] };

beforeAll(async () => {
  const body = { name: "Dunes", sequenceId: "short-vowels-first", step: 14, learners: ["Gull", "Skua"] };
  group = (await send("POST /api/groups", { body })).body;
});

const four = fc.nat({ max: 3 });
const action = fc.oneof(
  fc.record({ do: fc.constant("put in" as const), what: four }),
  fc.record({ do: fc.constant("take out" as const), what: four }),
  fc.record({ do: fc.constant("minutes" as const), what: four, minutes: fc.integer({ min: 1, max: 9 }) }),
  fc.record({ do: fc.constant("add word" as const), what: four }),
  fc.record({ do: fc.constant("mark" as const), what: four, learner: fc.nat({ max: 1 }), right: fc.boolean() }),
  fc.record({ do: fc.constant("keep out" as const), what: four, on: fc.boolean() }),
);
type Action = typeof action extends fc.Arbitrary<infer T> ? T : never;
/** What the clients do at one moment, and which of them look first at what is stored. */
const moment = fc.array(fc.record({ action, looks: fc.boolean() }), { minLength: 2, maxLength: 4 });

interface Seen {
  plan: Plan;
  school: SchoolSettings;
}

/** What must be stored, with every possible value where several were sent at one moment. */
interface Model {
  readonly planned: Map<string, { out: Set<boolean>; minutes: Set<number> }>;
  readonly words: string[];
  readonly marks: Map<string, { all: Set<string>; standing: Set<string> }>;
  readonly keptOut: Map<string, Set<boolean>>;
}

describe("clients that do things at the same moment", () => {
  it("leave what they would have left one after another", async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(moment, { minLength: 2, maxLength: 6 }), async (moments) => {
        const lesson = await begin();
        const model = lesson.model;
        const clients: Seen[] = await Promise.all(moments[0]?.map(look) ?? []);
        for (const acts of moments) {
          for (const [k, { looks }] of acts.entries()) if (looks || !clients[k]) clients[k] = await look();
          const done = await Promise.all(acts.map((act, k) => run(act.action, clients[k] as Seen, lesson)));
          expectModel(
            model,
            done.filter((one) => one !== undefined),
          );
          await compare(lesson);
        }
      }),
      { seed: 13, numRuns: inFull(6, 24) },
    );
  });
});

async function look(): Promise<Seen> {
  const plan = (await send("GET /api/groups/:groupId/plan", { id: group.id })).body;
  return { plan, school: (await send("GET /api/school")).body };
}

interface Lesson {
  readonly sessionId: string;
  readonly activityId: string;
  readonly chains: readonly string[];
  readonly model: Model;
}

/** A plan with the first two chains in it, a lesson, and no word kept out. */
async function begin(): Promise<Lesson> {
  const chainOf = async (words: readonly string[]): Promise<string> =>
    (await send("POST /api/chains", { body: { groupId: group.id, words, aim: AIM } })).body.id;
  const chains: string[] = [];
  for (const word of CHAINS) chains.push(await chainOf([word, `s${word}`]));
  await send("PUT /api/groups/:groupId/plan", { id: group.id, body: { minutes: 20, activities: [] } });
  const planned: Model["planned"] = new Map();
  for (const chainId of chains.slice(0, 2)) {
    const { body } = await send("POST /api/plans/:planId/activities", { id: group.id, body: { chainId } });
    const made = body.activities.find(({ ref }: { ref: string }) => ref === chainId);
    planned.set(chainId, { out: new Set([false]), minutes: new Set([made.minutes]) });
  }
  const { body: school } = await send("GET /api/school");
  await send("PUT /api/school", { body: { ...school, never: [] } });
  const session = (await send("POST /api/sessions", { body: { chainId: await chainOf(WORDS) } })).body;
  return {
    sessionId: session.id,
    activityId: session.run.activities[0].id,
    chains,
    model: { planned, words: [...WORDS], marks: new Map(), keptOut: new Map() },
  };
}

/** What was done, where the server took it. */
type Done =
  | { readonly what: "planned"; readonly ref: string; readonly out: boolean; readonly minutes?: number }
  | { readonly what: "minutes"; readonly ref: string; readonly minutes: number }
  | { readonly what: "word"; readonly word: string; readonly index: number }
  | { readonly what: "mark"; readonly line: string; readonly id: string }
  | { readonly what: "kept out"; readonly word: string; readonly on: boolean };

async function run(act: Action, seen: Seen, { sessionId, activityId, chains }: Lesson): Promise<Done | undefined> {
  const ref = chains[act.what] as string;
  const changed = ({ id, minutes }: Plan["activities"][number]) => ({ id, minutes });
  const base = { minutes: seen.plan.minutes, activities: seen.plan.activities.map(changed) };
  const planned = seen.plan.activities.find((one) => one.ref === ref);
  const put = (activities: typeof base.activities) =>
    send("PUT /api/groups/:groupId/plan", { id: group.id, body: { ...base, activities, base } });
  switch (act.do) {
    case "put in": {
      const { body } = await send("POST /api/plans/:planId/activities", { id: group.id, body: { chainId: ref } });
      const made = body.activities.find((one: { ref: string }) => one.ref === ref);
      return { what: "planned", ref, out: false, minutes: made.minutes };
    }
    case "take out": {
      if (!planned) return undefined;
      const { status, body } = await put(base.activities.filter(({ id }) => id !== planned.id));
      expect(status).toBe(200);
      // Taken out and put in again since it was seen, it is another activity: that one stays.
      const stays = body.activities.some((one: { ref: string }) => one.ref === ref);
      return stays ? undefined : { what: "planned", ref, out: true };
    }
    case "minutes": {
      if (!planned) return undefined;
      const { minutes } = act;
      const { status, body } = await put(
        base.activities.map((one) => (one.id === planned.id ? { ...one, minutes } : one)),
      );
      // The same length changed by two is a conflict; the first one's stands.
      expect([200, 409]).toContain(status);
      const isThere = status === 200 && body.activities.some(({ id }: { id: string }) => id === planned.id);
      return isThere && minutes !== planned.minutes ? { what: "minutes", ref, minutes } : undefined;
    }
    case "add word": {
      const word = ADDED[act.what] as string;
      const { status, body } = await send("POST /api/sessions/:sessionId/words", {
        id: sessionId,
        body: { activityId, words: [word] },
      });
      // Kept out by the school meanwhile: it does not come in.
      if (status === 400) return undefined;
      return { what: "word", word, index: body.items.at(-1).index };
    }
    case "mark": {
      const learnerId = group.learners[act.learner]?.id as string;
      const id = randomUUID();
      const answer = { outcome: act.right ? "right" : "wrong", substitutions: [] };
      const word = WORDS[act.what];
      const body = {
        id,
        sessionId,
        learnerId,
        wordIndex: act.what,
        word,
        mode: "read",
        answer,
        at: "2026-11-24T09:30:00Z",
      };
      expect((await send("POST /api/responses", { body })).status).toBe(201);
      return { what: "mark", line: `${learnerId} ${act.what}`, id };
    }
    case "keep out": {
      const word = KEPT_OUT[act.what] as string;
      const { never } = seen.school;
      const mine = act.on ? [...new Set([...never, word])] : never.filter((one) => one !== word);
      const { status } = await send("PUT /api/school", { body: { ...seen.school, never: mine, base: seen.school } });
      expect(status).toBe(200);
      return never.includes(word) === act.on ? undefined : { what: "kept out", word, on: act.on };
    }
  }
}

function grouped<T>(all: readonly T[], keyOf: (one: T) => string): Map<string, T[]> {
  const groups = new Map<string, T[]>();
  for (const one of all) groups.set(keyOf(one), [...(groups.get(keyOf(one)) ?? []), one]);
  return groups;
}

/** Things done at one moment, put into the model: of two about the same, either may have been the last. */
function expectModel(model: Model, done: readonly Done[]): void {
  const keys = <D extends Done["what"]>(what: D) =>
    done.filter((one): one is Extract<Done, { what: D }> => one.what === what);
  const puts = grouped(keys("planned"), ({ ref }) => ref);
  const minutes = grouped(keys("minutes"), ({ ref }) => ref);
  for (const [ref, all] of puts) {
    const old = model.planned.get(ref) ?? { out: new Set([true]), minutes: new Set<number>() };
    model.planned.set(ref, {
      out: new Set(all.map(({ out }) => out)),
      minutes: new Set([...old.minutes, ...all.flatMap((one) => one.minutes ?? [])]),
    });
  }
  for (const [ref, all] of minutes) {
    const old = model.planned.get(ref);
    if (old)
      model.planned.set(ref, {
        ...old,
        minutes: new Set([...all.map((one) => one.minutes), ...(puts.has(ref) ? old.minutes : [])]),
      });
  }
  const words = keys("word").sort((a, b) => a.index - b.index);
  for (const { word, index } of words) {
    expect(index, "each word has a place of its own, and none is skipped").toBe(model.words.length);
    model.words.push(word);
  }
  for (const [line, all] of grouped(keys("mark"), (one) => one.line)) {
    const old = model.marks.get(line)?.all ?? new Set();
    const ids = all.map(({ id }) => id);
    model.marks.set(line, { all: new Set([...old, ...ids]), standing: new Set(ids) });
  }
  for (const [word, all] of grouped(keys("kept out"), (one) => one.word))
    model.keptOut.set(word, new Set(all.map(({ on }) => on)));
}

async function compare({ sessionId, model }: Lesson): Promise<void> {
  const { plan, school } = await look();
  for (const [ref, { out, minutes }] of model.planned) {
    const stored = plan.activities.filter((one) => one.ref === ref);
    expect(stored.length).toBeLessThanOrEqual(1);
    expect([...out]).toContain(stored.length === 0);
    if (stored[0]) expect([...minutes]).toContain(stored[0].minutes);
    // From here on the order is known.
    model.planned.set(ref, {
      out: new Set([stored.length === 0]),
      minutes: stored[0] ? new Set([stored[0].minutes]) : minutes,
    });
  }
  expect(plan.activities.every(({ ref }) => model.planned.has(ref as string))).toBe(true);
  const { session } = (await send("GET /api/sessions/:sessionId", { id: sessionId })).body;
  expect(session.words).toEqual(model.words);
  const { rows } = await (await database()).execute(
    sql`select id, learner_id || ' ' || word_index as line, standing from responses where session_id = ${sessionId}`,
  );
  for (const [line, { all, standing }] of model.marks) {
    const stored = rows.filter((row) => row["line"] === line);
    expect(stored.map(({ id }) => id).sort()).toEqual([...all].sort());
    const now = stored.filter((row) => row["standing"]);
    expect(now).toHaveLength(1);
    expect([...standing]).toContain(now[0]?.["id"]);
  }
  for (const [word, on] of model.keptOut) expect([...on]).toContain(school.never.includes(word));
}
