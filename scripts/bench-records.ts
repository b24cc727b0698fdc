/**
 * The part of `npm run bench` about records: what a look at them costs, and a mark, with a group of thirty learners and
 * more and more answers. Each size in a data folder of its own. Sizes may be named: `tsx scripts/bench-records.ts 10000`.
 */
import { randomUUID } from "node:crypto";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { sql } from "drizzle-orm";
import type { LearnerId, ResponseId, SessionId } from "../src/schemas/ids.ts";
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
import { LEARNERS, plantAnswers, WORDS } from "./lib/plant-answers.ts";

const SIZES = process.argv.slice(2).map(Number);
const RUNS = 5;

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
  const groupId = await plantAnswers(db, answers);
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
