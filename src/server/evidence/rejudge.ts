import { dequal } from "dequal";
import { and, asc, eq, gt, inArray, isNotNull, isNull, lt, sql } from "drizzle-orm";
import { CLASSIFIER_VERSION, type SchoolSettings } from "../../core/index.ts";
import type { OpenDatabase, Queryable } from "../db/database.ts";
import { responses } from "../db/schema.ts";
import { rejudgings } from "../db/schema-totals.ts";
import { getSchool } from "../school/school.ts";
import { type Change, count } from "./counts.ts";
import { judgedAgainst } from "./read-records.ts";
import { verdictOf } from "./verdict.ts";

/** How far old answers have been judged anew. */
export interface Rejudging {
  /** Answers that have been looked at. */
  readonly looked: number;
  /** Of those, answers that are judged otherwise now. */
  readonly changed: number;
  readonly isDone: boolean;
}

/** So many answers a transaction: marks that come in meanwhile wait for one of these at most. */
const AT_ONCE = 500;

type ResponseRow = typeof responses.$inferSelect;

/** A verdict by today's classifier; undefined where it says the same, or where the row cannot be read. */
function judgedAnew(row: ResponseRow, school: SchoolSettings): ResponseRow["verdict"] | undefined {
  const target = judgedAgainst(row);
  if (!target) return undefined;
  const verdict = verdictOf(target, row.mode, row.answer, school);
  const { classifier: _, ...now } = verdict;
  const { classifier: __, ...before } = row.verdict;
  // What is stored has been through JSON.
  return dequal(JSON.parse(JSON.stringify(now)), before) ? undefined : verdict;
}

/**
 * Judges the next answers anew that an older classifier has judged. What was recorded stays as it is; totals are kept
 * up. Belongs into a transaction: what is done is done, wherever it is cut short.
 *
 * @param atOnce how many answers are looked at
 */
export async function rejudgeSome(db: Queryable, now: Date, atOnce: number = AT_ONCE): Promise<Rejudging> {
  const classifier = CLASSIFIER_VERSION;
  await db.insert(rejudgings).values({ classifier }).onConflictDoNothing();
  const [state] = await db.select().from(rejudgings).where(eq(rejudgings.classifier, classifier));
  if (!state || state.doneAt) return { looked: state?.looked ?? 0, changed: state?.changed ?? 0, isDone: true };
  const ids = await db
    .select({ id: responses.id })
    .from(responses)
    .where(state.after === null ? undefined : gt(responses.id, state.after as ResponseRow["id"]))
    .orderBy(asc(responses.id))
    .limit(atOnce);
  const old = await db
    .select()
    .from(responses)
    .where(
      and(
        inArray(
          responses.id,
          ids.map(({ id }) => id),
        ),
        lt(responses.classifier, classifier),
      ),
    );
  const school = await getSchool(db);
  const changes: Change[] = [];
  let changed = 0;
  for (const row of old) {
    const verdict = judgedAnew(row, school);
    if (verdict) changed++;
    const next = { ...row, verdict: verdict ?? row.verdict };
    await db.update(responses).set({ verdict: next.verdict, classifier }).where(eq(responses.id, row.id));
    if (verdict && row.standing) changes.push({ response: row, by: -1 }, { response: next, by: 1 });
  }
  await count(db, changes, school.counting);
  const isDone = ids.length < atOnce;
  const told = { looked: state.looked + old.length, changed: state.changed + changed };
  await db
    .update(rejudgings)
    .set({ ...told, after: ids.at(-1)?.id ?? state.after, ...(isDone && { doneAt: now }) })
    .where(eq(rejudgings.classifier, classifier));
  return { ...told, isDone };
}

/** Others are answered in between. */
const pause = () => new Promise((resolve) => setTimeout(resolve, 50));

/** Somebody has stopped it: it goes on when it is asked to, or after the next start. */
let isStopped = false;
let isRunning = false;

/** Stops judging old answers anew after those that are being looked at. What is done is done. */
export const stopRejudging = (): void => {
  isStopped = true;
};

/**
 * Judges anew all that an older classifier has judged; goes on where it was cut short or stopped. A second call while it
 * runs does nothing.
 */
export async function rejudgeAll({ write, isDown }: Pick<OpenDatabase, "write" | "isDown">): Promise<void> {
  isStopped = false;
  if (isRunning) return;
  isRunning = true;
  try {
    while (!isDown() && !isStopped) {
      const { isDone } = await write((db) => rejudgeSome(db, new Date()));
      if (isDone) return;
      await pause();
    }
  } finally {
    isRunning = false;
  }
}

/** Below so many answers they are counted; above, the database's own estimate will do. */
const COUNTED_UP_TO = 10_000;

/** About how many answers there are: the same small cost however many. @returns a number of answers, from 0 */
async function aboutHowMany(db: Queryable): Promise<number> {
  const estimate = await db.execute<{ rows: number }>(
    sql`select reltuples::float8 as rows from pg_class where oid = ${"responses"}::regclass`,
  );
  const rows = estimate.rows[0]?.rows ?? 0;
  if (rows > COUNTED_UP_TO) return Math.round(rows);
  const [counted] = await db.select({ all: sql<number>`count(*)::int` }).from(responses);
  return counted?.all ?? 0;
}

/** How far it is, to be shown while it goes on. */
export interface RejudgingProgress extends Rejudging {
  /** Of all answers, those that have been looked at: 0 to 1. */
  readonly share: number;
  readonly isStopped: boolean;
}

/** How far judging old answers anew is; null where there is nothing to tell. */
export async function rejudgingProgress(db: Queryable): Promise<RejudgingProgress | null> {
  const told = await rejudgingToTell(db);
  if (!told) return null;
  const all = Math.max(1, await aboutHowMany(db));
  return { ...told, share: told.isDone ? 1 : Math.min(1, told.looked / all), isStopped: isStopped && !told.isDone };
}

/** What a teacher is told of it: while it goes on, and until somebody has read what has changed; undefined otherwise. */
export async function rejudgingToTell(db: Queryable): Promise<Rejudging | undefined> {
  const [state] = await db.select().from(rejudgings).where(eq(rejudgings.classifier, CLASSIFIER_VERSION));
  if (!state || state.seenAt || state.looked === 0) return undefined;
  const isDone = state.doneAt !== null;
  return isDone && state.changed === 0 ? undefined : { looked: state.looked, changed: state.changed, isDone };
}

/** Somebody has read what has changed: it is not told again. */
export async function seeRejudging(db: Queryable, now: Date): Promise<void> {
  await db
    .update(rejudgings)
    .set({ seenAt: now })
    .where(and(isNull(rejudgings.seenAt), isNotNull(rejudgings.doneAt)));
}
