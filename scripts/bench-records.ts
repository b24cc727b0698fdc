/**
 * The part of `npm run bench` about records: what a look at them costs, and a mark, with a group of thirty learners and
 * more and more answers. Each size in a data folder of its own. Sizes may be named: `tsx scripts/bench-records.ts 10000`.
 */
import { randomUUID } from "node:crypto";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { sql } from "drizzle-orm";
import type { GroupId, LearnerId, ResponseId, SessionId } from "../src/schemas/ids.ts";
import { openDatabase } from "../src/server/db/database.ts";
import { changeOf } from "../src/server/evidence/change.ts";
import { evidenceReport } from "../src/server/evidence/evidence.ts";
import { openedResponses } from "../src/server/evidence/opened.ts";
import { recount } from "../src/server/evidence/recount.ts";
import { storeResponse } from "../src/server/evidence/responses.ts";
import { groupSummary } from "../src/server/evidence/summaries.ts";
import { groupingPage } from "../src/server/groups/grouping.ts";
import { packsPage } from "../src/server/groups/packs-page.ts";
import { todayCards } from "../src/server/groups/today-page.ts";
import { requestFor } from "../src/server/plans/lesson-draft.ts";
import { teachPage } from "../src/server/sessions/teach-page.ts";
import { familiesPage } from "../src/server/sets/families-page.ts";

const SIZES = process.argv.slice(2).map(Number);
const LEARNERS = 30;
const A_LESSON = 300;
const RUNS = 5;
const WORDS = ["ship", "chip", "chop", "shop"];

const median = (times: readonly number[]) => [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)] as number;
async function timed(work: () => Promise<unknown>, runs = RUNS): Promise<string> {
  const times: number[] = [];
  for (let k = 0; k < runs; k++) {
    const from = performance.now();
    await work();
    times.push(performance.now() - from);
  }
  return median(times).toFixed(1);
}

async function measure(answers: number): Promise<Record<string, string>> {
  const folder = mkdtempSync(join(tmpdir(), "zip-step-bench-records-"));
  const { db, write, close } = await openDatabase(folder);
  const groupId = randomUUID() as GroupId;
  await db.execute(
    sql`insert into groups (id, name, sequence_id, step) values (${groupId}, 'Dunes', 'short-vowels-first', 14)`,
  );
  await db.execute(
    sql`insert into learners (id, nickname) select gen_random_uuid(), 'Tern ' || n from generate_series(1, ${LEARNERS}) n`,
  );
  await db.execute(sql`insert into memberships (group_id, learner_id, seat)
    select ${groupId}, id, row_number() over (order by nickname) - 1 from learners`);
  const activity = {
    id: randomUUID(),
    kind: "read-chain",
    title: "ship to shop",
    minutes: 4,
    ifTime: false,
    heldBack: false,
  };
  const run = {
    minutes: null,
    activities: [{ ...activity, content: { kind: "read-chain", words: WORDS }, targets: WORDS.map((_, k) => k) }],
  };
  const place = { activity: 0, item: 0, learnerId: null };
  await db.execute(sql`insert into sessions (id, group_id, title, aim, run, place, started_at)
    select gen_random_uuid(), ${groupId}, 'ship to shop',
      '{"focus": [], "contrasts": []}', ${JSON.stringify(run)}::jsonb, ${JSON.stringify(place)}::jsonb,
      now() - n * interval '1 day' from generate_series(1, ${Math.ceil(answers / A_LESSON)}) n`);
  await db.execute(sql`insert into session_words (session_id, number, word)
    select s.id, n, coalesce((${JSON.stringify(WORDS)}::jsonb) ->> n, 'ship') from sessions s
      cross join generate_series(0, ${9 + A_LESSON / LEARNERS}) n`);
  // Each learner answers every place of every lesson; one in eight is read with another vowel.
  const unit = (result: string, said: readonly string[] = []) => ({ result, said });
  const right = unit("right");
  const verdict = (outcome: string, middle: object) =>
    JSON.stringify({ classifier: 2, outcome, units: [right, middle, right] });
  await db.execute(sql`insert into responses (id, session_id, learner_id, word_index, word, target, mode, answer, verdict,
      classifier, standing, at)
    select gen_random_uuid(), s.id, l.id, n, 'ship', 'sh.i.p ʃ.ɪ.p', case when n % 5 = 4 then 'wrote' else 'read' end,
      case when (n + l.seat) % 8 = 0 then '{"outcome": "wrong", "substitutions": [{"unit": 1, "said": ["e"]}]}'::jsonb
        else '{"outcome": "right", "substitutions": []}'::jsonb end,
      case when (n + l.seat) % 8 = 0 then ${verdict("wrong", unit("substitution", ["e"]))}::jsonb
        else ${verdict("right", right)}::jsonb end,
      2, true, s.started_at
    from sessions s cross join (select learner_id as id, seat from memberships) l
      cross join generate_series(10, ${9 + A_LESSON / LEARNERS}) n`);
  await db.execute(sql`analyze`);
  const learners = (await db.execute(sql`select id from learners`)).rows as { id: LearnerId }[];
  const from = performance.now();
  for (const { id } of learners) await write((transaction) => recount(transaction, id));
  const recounted = performance.now() - from;
  const { rows } = await db.execute(sql`select id from sessions order by started_at desc limit 1`);
  const sessionId = rows[0]?.["id"] as SessionId;
  const learnerId = learners[0]?.id as LearnerId;
  const mark = (k: number) =>
    write((transaction) =>
      storeResponse(transaction, {
        id: randomUUID() as ResponseId,
        ...{ sessionId, learnerId: learners[k % LEARNERS]?.id as LearnerId, wordIndex: k % WORDS.length, mode: "read" },
        ...{ answer: { outcome: "right", substitutions: [] }, supersedes: null, withdrawn: false },
        at: new Date().toISOString(),
      }),
    );
  const asked = { focus: [], contrasts: [], minutes: 30, seed: 1 };
  const report = await evidenceReport(db, { groupId });
  let k = 0;
  // The word list is opened at the first of them.
  await requestFor(db, groupId, asked);
  await mark(k++);
  const result = {
    answers: answers.toLocaleString("en-GB"),
    "evidence ms": await timed(() => evidenceReport(db, { groupId })),
    "evidence kB": (JSON.stringify(report).length / 1024).toFixed(1),
    "one learner ms": await timed(() => evidenceReport(db, { groupId, learnerId })),
    "a figure opened ms": await timed(() => openedResponses(db, { groupId, gpc: "i=ɪ", wrong: true })),
    "change over time ms": await timed(() => changeOf(db, { groupId })),
    "change of a learner ms": await timed(() => changeOf(db, { groupId, learnerId })),
    "a group's page ms": await timed(() => groupSummary(db, groupId, new Date())),
    "groups proposed ms": await timed(() => groupingPage(db)),
    "Today ms": await timed(() => todayCards(db)),
    "Teach ms": await timed(() => teachPage(db, sessionId)),
    "Families ms": await timed(() => familiesPage(db, groupId, null)),
    "Packs ms": await timed(() => packsPage(db, groupId, new Date())),
    "a draft's records ms": await timed(() => requestFor(db, groupId, asked)),
    "a mark ms": await timed(() => mark(k++), 40),
    "all counted anew s": (recounted / 1000).toFixed(1),
  };
  await close();
  rmSync(folder, { recursive: true });
  return result;
}

const results: Record<string, string>[] = [];
for (const size of SIZES.length > 0 ? SIZES : [10_000, 200_000, 1_000_000]) results.push(await measure(size));
for (const result of results) console.table(result);
