import { and, eq, isNull, ne, or, sql } from "drizzle-orm";
import type { PgColumn } from "drizzle-orm/pg-core";
import {
  answersThatCount,
  CLASSIFIER_VERSION,
  type CountingRule,
  countsByItself,
  DEFAULT_COUNTING,
  looksAtOneAnswer,
} from "../../core/index.ts";
import type { LearnerId } from "../../schemas/ids.ts";
import type { OpenDatabase, Queryable } from "../db/database.ts";
import { learners, responses } from "../db/schema.ts";
import { getSchool } from "../school/school.ts";
import {
  addLesson,
  addOutcome,
  addUnits,
  nameOfTotal,
  putTotals,
  TOTALS,
  TOTALS_TABLES,
  type Total,
  type Totals,
} from "./counts.ts";
import { answersOf } from "./what-counts.ts";

/** The first number is raised when answers are counted in another way: totals are then made anew at the next start. */
const COUNTED_AS = `1.${CLASSIFIER_VERSION}`;

/** By what a learner's totals were made: by which version, and by which rule where it is not the usual one. */
const countedAs = (rule: CountingRule): string =>
  COUNTED_AS +
  (Object.keys(DEFAULT_COUNTING) as (keyof CountingRule)[])
    .filter((choice) => rule[choice] !== DEFAULT_COUNTING[choice])
    .map((choice) => ` ${choice}`)
    .join("");

/** A learner's totals as the responses say, whatever the tables hold. */
async function countedAnew(db: Queryable, learnerId: LearnerId, rule: CountingRule): Promise<Totals> {
  const totals: Totals = new Map();
  const isStanding = and(eq(responses.learnerId, learnerId), eq(responses.standing, true));
  const { mode, word, target, answer, verdict, heldBack, sessionId } = responses;
  // A learner answers the same word in the same way again and again: those are one row.
  const alike = await db
    .select({
      mode,
      word,
      target,
      answer,
      verdict,
      heldBack,
      n: sql<number>`count(*)::int`,
      at: sql<string>`max(${responses.at})`,
    })
    .from(responses)
    .where(isStanding)
    .groupBy(mode, word, target, answer, verdict, heldBack);
  const isAlikeEnough = looksAtOneAnswer(rule);
  for (const { n, at, ...parts } of alike) {
    const response = { ...parts, learnerId, at: new Date(at) };
    addOutcome(totals, response, n);
    if (isAlikeEnough && countsByItself(response, rule)) addUnits(totals, response, n);
  }
  if (!isAlikeEnough)
    for (const response of answersThatCount(await answersOf(db, { learnerId }), rule)) addUnits(totals, response, 1);
  const outcome = sql<string | null>`${answer} ->> 'outcome'`;
  const lessons = await db
    .select({ sessionId, mode, outcome, n: sql<number>`count(*)::int` })
    .from(responses)
    .where(isStanding)
    .groupBy(sessionId, mode, outcome);
  for (const one of lessons) addLesson(totals, { ...one, learnerId }, one.n);
  return totals;
}

const columnOf = (table: (typeof TOTALS_TABLES)[number], name: string): PgColumn =>
  (TOTALS[table].table as unknown as Record<string, PgColumn>)[name] as PgColumn;

/** Makes a learner's totals anew from the responses. Belongs into a transaction. */
export async function recount(db: Queryable, learnerId: LearnerId): Promise<void> {
  const { counting } = await getSchool(db);
  const totals = await countedAnew(db, learnerId, counting);
  for (const name of TOTALS_TABLES)
    await db.delete(TOTALS[name].table).where(eq(columnOf(name, "learnerId"), learnerId));
  await putTotals(db, [...totals.values()]);
  await db
    .update(learners)
    .set({ countedAs: countedAs(counting) })
    .where(eq(learners.id, learnerId));
}

/** Learners whose totals were made in another way than today's, or not yet. */
async function notYetCounted(db: Queryable): Promise<readonly LearnerId[]> {
  const now = countedAs((await getSchool(db)).counting);
  const rows = await db
    .select({ id: learners.id })
    .from(learners)
    .where(or(isNull(learners.countedAs), ne(learners.countedAs, now)));
  return rows.map(({ id }) => id);
}

/**
 * Makes the totals of what was stored before there were any, or counted in another way: a learner a transaction, so that
 * a start that is cut short is gone on with. What cannot be counted now, for want of room, say, is counted at the next start.
 *
 * @param write opens a transaction
 */
export async function countWhatIsNot(db: Queryable, write: OpenDatabase["write"]): Promise<void> {
  try {
    for (const id of await notYetCounted(db)) await write((transaction) => recount(transaction, id));
  } catch (error) {
    console.error(`Not all answers are counted: ${(error as Error).message}`);
  }
}

/** A row of the totals that says something else than the responses. */
export interface Disagreement {
  /** Its table and key. */
  readonly row: string;
  readonly kept: number;
  readonly counted: number;
}

/** Holds a learner's totals against the responses. @returns empty when they agree */
export async function disagreements(db: Queryable, learnerId: LearnerId): Promise<readonly Disagreement[]> {
  const counted = await countedAnew(db, learnerId, (await getSchool(db)).counting);
  const kept = new Map<string, number>();
  for (const table of TOTALS_TABLES)
    for (const row of await db
      .select()
      .from(TOTALS[table].table)
      .where(eq(columnOf(table, "learnerId"), learnerId))) {
      const { count: n, ...key } = row as { count: number } & Total["key"];
      if (n > 0) kept.set(nameOfTotal({ table, key }), n);
    }
  return [...new Set([...kept.keys(), ...counted.keys()])]
    .map((row) => ({ row, kept: kept.get(row) ?? 0, counted: counted.get(row)?.count ?? 0 }))
    .filter(({ kept: n, counted: m }) => n !== m);
}
