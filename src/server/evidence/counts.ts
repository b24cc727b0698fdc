import { and, eq, getTableName, type SQL, sql } from "drizzle-orm";
import type { PgColumn, PgTable } from "drizzle-orm/pg-core";
import {
  answersThatCount,
  type CountingRule,
  countsByItself,
  looksAtOneAnswer,
  MODES,
  unitCounts,
} from "../../core/index.ts";
import type { Queryable } from "../db/database.ts";
import type { responses } from "../db/schema.ts";
import { lessonTotals, outcomeTotals, skillTotals, unitTotals } from "../db/schema-totals.ts";
import { targetOf } from "./read-records.ts";
import { answersOf } from "./what-counts.ts";

/** What is right, in the column of what was said. */
export const RIGHT = "=";

type ResponseRow = typeof responses.$inferSelect;
/** What of an answer is counted. */
export type Counted = Pick<
  ResponseRow,
  "learnerId" | "mode" | "word" | "target" | "answer" | "verdict" | "heldBack" | "at"
>;

/** A standing answer that comes in, by 1, or one that stands no longer, by -1. */
export interface Change {
  readonly response: ResponseRow;
  readonly by: number;
}

/** A row of a table of totals: its key columns, how many, and when the latest was. */
export interface Total {
  readonly table: TotalsTable;
  readonly key: Readonly<Record<string, string | boolean>>;
  count: number;
  lastAt?: Date;
}

const TABLES = { unitTotals, outcomeTotals, lessonTotals, skillTotals } as const;
type TotalsTable = keyof typeof TABLES;

/** Ids of the tables of totals. */
export const TOTALS_TABLES = Object.keys(TABLES) as readonly TotalsTable[];

/** A table of totals with the names of its key columns. */
export const TOTALS: Readonly<Record<TotalsTable, { table: PgTable; keys: readonly string[] }>> = {
  unitTotals: { table: unitTotals, keys: ["learnerId", "way", "gpc", "position", "said"] },
  outcomeTotals: { table: outcomeTotals, keys: ["learnerId", "way", "heldBack", "outcome"] },
  lessonTotals: { table: lessonTotals, keys: ["learnerId", "way", "sessionId"] },
  skillTotals: { table: skillTotals, keys: ["learnerId", "skill", "outcome"] },
};

/** Which row of which table a total is. */
export const nameOfTotal = ({ table, key }: Pick<Total, "table" | "key">): string =>
  [getTableName(TABLES[table]), ...TOTALS[table].keys.map((name) => key[name])].join(" ");

/** Totals by their rows. */
export type Totals = Map<string, Total>;

function add(totals: Totals, total: Total): void {
  const name = nameOfTotal(total);
  const known = totals.get(name);
  if (!known) {
    totals.set(name, { ...total });
    return;
  }
  known.count += total.count;
  if (known.lastAt && total.lastAt && known.lastAt < total.lastAt) known.lastAt = total.lastAt;
}

/** Adds how an answer came out, whatever counts as evidence. @param by how many such answers, below 0 to take away */
export function addOutcome(totals: Totals, response: Counted, by: number): void {
  const { learnerId, mode, heldBack } = response;
  const way = MODES[mode]?.countedAs;
  const target = targetOf(response);
  if (way === undefined && target) return;
  const outcome = target ? response.answer.outcome : "unreadable";
  add(totals, { table: "outcomeTotals", key: { learnerId, way: way ?? "read", heldBack, outcome }, count: by });
  if (target && mode === "oral")
    add(totals, { table: "skillTotals", key: { learnerId, skill: skillIn(response.target), outcome }, count: by });
}

/** Adds what an answer that counts says of units. @param by how many such answers, below 0 to take away */
export function addUnits(totals: Totals, response: Counted, by: number): void {
  const { learnerId, mode, heldBack, at } = response;
  const way = MODES[mode]?.countedAs;
  const target = targetOf(response);
  if (!target || way === undefined || heldBack) return;
  for (const { gpc, position, said, count } of unitCounts({ target, verdict: response.verdict })) {
    const key = { learnerId, way, gpc, position, said: said?.join("+") ?? RIGHT };
    add(totals, { table: "unitTotals", key, count: count * by, lastAt: at });
  }
}

/** What was practised: `writeOralTarget` puts it first. */
const skillIn = (target: string): string => target.split(" ")[0] ?? "";

/** Adds answers to their lesson, unless all gave them together. @param by how many, below 0 to take away */
export function addLesson(
  totals: Totals,
  answer: Pick<ResponseRow, "learnerId" | "sessionId" | "mode"> & { readonly outcome: string | null },
  by: number,
): void {
  const { learnerId, sessionId, mode, outcome } = answer;
  const way = MODES[mode]?.countedAs;
  if (way === undefined || outcome === "together") return;
  add(totals, { table: "lessonTotals", key: { learnerId, way, sessionId }, count: by });
}

const columnsOf = (table: TotalsTable): Readonly<Record<string, PgColumn>> =>
  TABLES[table] as unknown as Readonly<Record<string, PgColumn>>;

/** Rows written at once: a statement takes at most 65,535 values. */
const WRITTEN_AT_ONCE = 2_000;

/** Puts totals into their tables, added to the rows that are there. @param totals with counts above 0 */
export async function putTotals(db: Queryable, totals: readonly Total[]): Promise<void> {
  const inserts: SQL[] = [];
  for (const name of TOTALS_TABLES) {
    const rows = totals.filter(({ table }) => table === name);
    for (let k = 0; k < rows.length; k += WRITTEN_AT_ONCE)
      inserts.push(insertOf(db, name, rows.slice(k, k + WRITTEN_AT_ONCE)));
  }
  if (inserts.length > TOTALS_TABLES.length) {
    for (const one of inserts) await db.execute(one);
    return;
  }
  // A mark waits for every statement: one for all tables.
  const [last, ...others] = inserts.reverse();
  if (!last) return;
  const named = others.map((one, k) => sql`${sql.identifier(`put${k}`)} as (${one})`);
  await db.execute(named.length === 0 ? last : sql`with ${sql.join(named, sql`, `)} ${last}`);
}

function insertOf(db: Queryable, name: TotalsTable, rows: readonly Total[]): SQL {
  const columns = columnsOf(name);
  return db
    .insert(TABLES[name] as PgTable)
    .values(rows.map(({ key, count, lastAt }) => ({ ...key, count, lastAt })))
    .onConflictDoUpdate({
      target: TOTALS[name].keys.map((key) => columns[key] as PgColumn),
      set: {
        count: sql`${columns["count"]} + excluded.count`,
        ...(columns["lastAt"] && { lastAt: sql`greatest(${columns["lastAt"]}, excluded.last_at)` }),
      },
    })
    .getSQL();
}

/** Adds what some answers that counted say, and takes away what they said before. */
async function addCounted(
  db: Queryable,
  totals: Totals,
  changes: readonly Change[],
  rule: CountingRule,
): Promise<void> {
  if (looksAtOneAnswer(rule)) {
    for (const { response, by } of changes) if (countsByItself(response, rule)) addUnits(totals, response, by);
    return;
  }
  // Whether an answer counts depends on the others of its lesson: those are counted anew, as they are and as they were.
  const lessons = new Map(changes.map((one) => [`${one.response.learnerId} ${one.response.sessionId}`, one.response]));
  for (const { learnerId, sessionId } of lessons.values()) {
    const now = await answersOf(db, { learnerId, sessionId });
    const own = changes.filter(({ response }) => response.learnerId === learnerId && response.sessionId === sessionId);
    const came = new Set(own.filter(({ by }) => by > 0).map(({ response }) => response.id));
    const went = own.filter(({ by }) => by < 0).map(({ response }) => response);
    const before = [...now.filter(({ id }) => !came.has(id)), ...went].sort(byTime);
    for (const answer of answersThatCount(now, rule)) addUnits(totals, answer, 1);
    for (const answer of answersThatCount(before, rule)) addUnits(totals, answer, -1);
  }
}

const byTime = (a: ResponseRow, b: ResponseRow): number => a.at.getTime() - b.at.getTime() || (a.id < b.id ? -1 : 1);

/**
 * Keeps the totals up with answers that come in or stand no longer. Belongs into the transaction that stores them, after
 * they are stored.
 *
 * @param rule what counts as evidence
 */
export async function count(db: Queryable, changes: readonly Change[], rule: CountingRule): Promise<void> {
  const totals: Totals = new Map();
  for (const change of changes) {
    addOutcome(totals, change.response, change.by);
    addLesson(totals, { ...change.response, outcome: change.response.answer.outcome }, change.by);
  }
  await addCounted(db, totals, changes, rule);
  const all = [...totals.values()];
  await putTotals(
    db,
    all.filter(({ count: n }) => n > 0),
  );
  // What is put in may not be below nothing, not even where it only meets a row that is there.
  for (const { table, key, count: n } of all.filter((one) => one.count < 0)) {
    const columns = columnsOf(table);
    const isRow = TOTALS[table].keys.map((name) => eq(columns[name] as PgColumn, key[name]));
    await db
      .update(TABLES[table] as PgTable)
      .set({ count: sql`greatest(0, ${columns["count"]} + ${n})` })
      .where(and(...isRow));
  }
}
