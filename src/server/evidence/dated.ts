import { and, gte, inArray, lt, type SQL, sql } from "drizzle-orm";
import type { PgColumn } from "drizzle-orm/pg-core";
import { dayIn, MODES, OUTCOME_DEFINITIONS, unitCounts } from "../../core/light.ts";
import type { EvidenceDates } from "../../schemas/evidence.ts";
import type { Queryable } from "../db/database.ts";
import { responses } from "../db/schema.ts";
import { getTimeZone } from "../school/installation.ts";
import { getSchool } from "../school/school.ts";
import { newestOf, type RecordsOf, readRecords } from "./read-records.ts";
import type { LearnerUnitCount, OutcomeCount } from "./totals.ts";
import { countedOf } from "./what-counts.ts";

/** Answers looked at in a stretch of days: more are seldom given in a term, and a look stays as long as it is. */
const MOST = 6_000;

/** Days in their order, whichever was named first. */
export const daysInOrder = ({ from, to }: EvidenceDates): EvidenceDates =>
  from !== undefined && to !== undefined && from > to ? { from: to, to: from } : { from, to };

/** A first look, a day more at either end: which day a moment is depends on where the school is. */
export function aroundDays(dates: EvidenceDates, moment: PgColumn = responses.at): SQL | undefined {
  const { from, to } = daysInOrder(dates);
  return and(
    from === undefined ? undefined : gte(moment, sql`${from}::date - interval '1 day'`),
    to === undefined ? undefined : lt(moment, sql`${to}::date + interval '2 days'`),
  );
}

/** Is a moment within the days, where the school is? @param at ISO time */
export function isWithin(at: string, dates: EvidenceDates, timeZone: string): boolean {
  const { from, to } = daysInOrder(dates);
  const day = dayIn(at, timeZone);
  return (from === undefined || day >= from) && (to === undefined || day <= to);
}

/** What was answered on some days, counted as the totals count. */
export interface DatedCounts {
  readonly units: readonly LearnerUnitCount[];
  readonly outcomes: readonly OutcomeCount[];
  /** Lessons by way of working. */
  readonly lessons: ReadonlyMap<string, number>;
  /** There were more answers than are looked at: the newest are counted. */
  readonly isCut: boolean;
}

/** Counts the answers of some days from the records themselves: the totals know no days. */
export async function countedBetween(db: Queryable, of: RecordsOf, dates: EvidenceDates): Promise<DatedCounts> {
  const timeZone = await getTimeZone(db);
  const moments = await newestOf(db, { ...of, which: and(of.which, aroundDays(dates)) }, undefined, MOST);
  const ids = moments.map(({ id }) => id);
  const all = ids.length === 0 ? [] : await readRecords(db, { ...of, which: inArray(responses.id, ids) });
  const some = all.filter(({ at }) => isWithin(at, dates, timeZone));
  const units: LearnerUnitCount[] = [];
  const outcomes: OutcomeCount[] = [];
  const sessions = new Map<string, Set<string>>();
  for (const response of some) {
    const { mode, heldBack, answer, sessionId } = response;
    const way = MODES[mode].countedAs;
    if (way === undefined) continue;
    outcomes.push({ way, heldBack, outcome: answer.outcome, count: 1 });
    if (OUTCOME_DEFINITIONS[answer.outcome].countsAs !== "together")
      sessions.set(way, (sessions.get(way) ?? new Set()).add(sessionId));
  }
  const { counting } = await getSchool(db);
  for (const response of await countedOf(db, some, counting)) {
    const { learnerId, mode, heldBack, at } = response;
    const way = MODES[mode].countedAs;
    if (way !== undefined && !heldBack)
      units.push(...unitCounts(response).map((unit) => ({ ...unit, learnerId, way, lastAt: at })));
  }
  const lessons = new Map([...sessions].map(([way, found]) => [way, found.size]));
  return { units, outcomes, lessons, isCut: moments.length === MOST };
}
