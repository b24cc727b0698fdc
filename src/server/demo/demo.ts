import { and, eq, isNull } from "drizzle-orm";
import type { GroupId, LearnerId } from "../../schemas/ids.ts";
import type { Queryable } from "../db/database.ts";
import { groups } from "../db/schema.ts";
import { recount } from "../evidence/recount.ts";
import { dueAt, type Erasure } from "../groups/erasure.ts";
import { AppError, notFound } from "../http/errors.ts";
import { type DemoRows, makeDemo, plantRows } from "./plant-demo.ts";

/** The demo's groups, those on their way out too. */
const demoGroups = (db: Queryable) =>
  db
    .select({ id: groups.id, eraseAt: groups.eraseAt })
    .from(groups)
    .where(and(eq(groups.isDemo, true), isNull(groups.rehearsalOf)));

/** Whether the demo is there to be looked at. */
export async function isDemoOpen(db: Queryable): Promise<boolean> {
  return (await demoGroups(db)).some(({ eraseAt }) => eraseAt === null);
}

/** Makes what `openDemo` is to store, before anybody's writes wait for it; undefined where it is there already. */
export async function demoToPlant(db: Queryable, now: Date): Promise<DemoRows | undefined> {
  return (await demoGroups(db)).length === 0 ? makeDemo(now) : undefined;
}

/**
 * Opens the demo beside whatever there is; one that was thrown away a moment ago comes back as it was.
 *
 * @param rows what `demoToPlant` made
 * @returns its groups
 * @throws AppError "conflict" when somebody else opened or lost it in the meantime
 */
export async function openDemo(
  db: Queryable,
  rows: DemoRows | undefined,
): Promise<{ readonly groupIds: readonly GroupId[] }> {
  const there = await demoGroups(db);
  if (there.length === 0) {
    if (!rows) throw new AppError("conflict", "The demo has just been erased. Open it again.");
    await plantRows(db, rows);
    for (const { id } of rows.learners) await recount(db, id as LearnerId);
    return { groupIds: rows.groups.map(({ id }) => id as GroupId) };
  }
  await db.update(groups).set({ eraseAt: null }).where(eq(groups.isDemo, true));
  return { groupIds: there.map(({ id }) => id) };
}

/** Throws the demo away, with whatever was tried in it; for ten minutes it can be opened as it was. @throws AppError "not-found" */
export async function throwDemoAway(db: Queryable, now: Date): Promise<Erasure> {
  if (!(await isDemoOpen(db))) throw notFound("demo");
  const eraseAt = dueAt(now);
  await db.update(groups).set({ eraseAt }).where(eq(groups.isDemo, true));
  return { eraseAt: eraseAt.toISOString() };
}
