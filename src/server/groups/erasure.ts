import { and, count, eq, inArray, isNotNull, lte, sql } from "drizzle-orm";
import type { GroupId, LearnerId } from "../../schemas/ids.ts";
import type { Database, Queryable } from "../db/database.ts";
import { chains, groups, learners, memberships, responses, sessions, wordSets } from "../db/schema.ts";
import { recount } from "../evidence/recount.ts";
import { notFound } from "../http/errors.ts";

/** Minutes in which an erasure can be taken back. */
export const UNDO_MINUTES = 10;

/** An erasure under way. */
export interface Erasure {
  /** ISO time from which every row is gone. */
  readonly eraseAt: string;
}

/** What goes with a group: said before it does. */
export interface GroupContents {
  readonly learners: number;
  readonly lessons: number;
  readonly answers: number;
  readonly chains: number;
  readonly sets: number;
}

/** When an erasure begun now is done. */
export const dueAt = (now: Date): Date => new Date(now.getTime() + UNDO_MINUTES * 60_000);

/** Begins to erase a learner: out of sight at once, gone after ten minutes. @throws AppError "not-found" */
export async function eraseLearner(db: Queryable, id: LearnerId, now: Date): Promise<Erasure> {
  const eraseAt = dueAt(now);
  const [row] = await db.update(learners).set({ eraseAt }).where(eq(learners.id, id)).returning({ id: learners.id });
  if (!row) throw notFound("learner");
  return { eraseAt: eraseAt.toISOString() };
}

/** Takes an erasure back. @throws AppError "not-found" when the learner is gone already */
export async function keepLearner(db: Queryable, id: LearnerId): Promise<{ readonly id: LearnerId }> {
  const [row] = await db
    .update(learners)
    .set({ eraseAt: null })
    .where(eq(learners.id, id))
    .returning({ id: learners.id });
  if (!row) throw notFound("learner");
  return row;
}

/** What would go with a group. @throws AppError "not-found" */
export async function groupContents(db: Queryable, id: GroupId): Promise<GroupContents> {
  const [group] = await db.select({ id: groups.id }).from(groups).where(eq(groups.id, id));
  if (!group) throw notFound("group");
  const only = async (rows: Promise<{ n: number }[]>) => (await rows)[0]?.n ?? 0;
  return {
    learners: await only(db.select({ n: count() }).from(memberships).where(eq(memberships.groupId, id))),
    lessons: await only(db.select({ n: count() }).from(sessions).where(eq(sessions.groupId, id))),
    answers: await only(
      db
        .select({ n: count() })
        .from(responses)
        .innerJoin(sessions, eq(sessions.id, responses.sessionId))
        .where(eq(sessions.groupId, id)),
    ),
    chains: await only(db.select({ n: count() }).from(chains).where(eq(chains.groupId, id))),
    sets: await only(db.select({ n: count() }).from(wordSets).where(eq(wordSets.groupId, id))),
  };
}

/** Begins to erase a group with its lessons, and the learners who are in no other. @throws AppError "not-found" */
export async function eraseGroup(db: Queryable, id: GroupId, now: Date): Promise<Erasure> {
  const eraseAt = dueAt(now);
  const [row] = await db.update(groups).set({ eraseAt }).where(eq(groups.id, id)).returning({ id: groups.id });
  if (!row) throw notFound("group");
  return { eraseAt: eraseAt.toISOString() };
}

/** Takes the erasure of a group back. @throws AppError "not-found" when it is gone already */
export async function keepGroup(db: Queryable, id: GroupId): Promise<{ readonly id: GroupId }> {
  const [row] = await db.update(groups).set({ eraseAt: null }).where(eq(groups.id, id)).returning({ id: groups.id });
  if (!row) throw notFound("group");
  return row;
}

/** Takes away every row of some learners, in every table. */
async function removeLearners(db: Queryable, ids: readonly LearnerId[]): Promise<void> {
  if (ids.length === 0) return;
  const list = sql.join(
    ids.map((id) => sql`${id}`),
    sql`, `,
  );
  // A learner's own cards, and where a lesson stood when it was their turn.
  await db.delete(sessions).where(sql`${sessions.run} ->> 'learnerId' in (${list})`);
  await db
    .update(sessions)
    .set({ place: sql`jsonb_set(${sessions.place}, '{learnerId}', 'null')` })
    .where(sql`${sessions.place} ->> 'learnerId' in (${list})`);
  // Answers and seats go with the row.
  await db.delete(learners).where(inArray(learners.id, [...ids]));
}

/**
 * Takes away for good whatever is due.
 *
 * @returns how many learners and groups are gone
 */
export async function eraseDue(db: Queryable, now: Date): Promise<number> {
  const dueGroups = await db
    .select({ id: groups.id })
    .from(groups)
    .where(and(isNotNull(groups.eraseAt), lte(groups.eraseAt, now)));
  // A rehearsal goes with the group whose lesson it was, and its made-up learners with it.
  const rehearsals =
    dueGroups.length === 0
      ? []
      : await db
          .select({ id: groups.id })
          .from(groups)
          .where(
            inArray(
              groups.rehearsalOf,
              dueGroups.map(({ id }) => id),
            ),
          );
  const groupIds = [...new Set([...dueGroups, ...rehearsals].map(({ id }) => id))];
  const ofGroups =
    groupIds.length === 0
      ? []
      : await db.select({ id: memberships.learnerId }).from(memberships).where(inArray(memberships.groupId, groupIds));
  const due = await db
    .select({ id: learners.id })
    .from(learners)
    .where(and(isNotNull(learners.eraseAt), lte(learners.eraseAt, now)));
  const learnerIds = [...new Set([...due, ...ofGroups].map(({ id }) => id))];
  await removeLearners(db, learnerIds);
  if (groupIds.length > 0) {
    // Whoever was taught there and is elsewhere now loses the answers of those lessons, and their counts.
    const elsewhere = await db
      .selectDistinct({ id: responses.learnerId })
      .from(responses)
      .innerJoin(sessions, eq(sessions.id, responses.sessionId))
      .where(inArray(sessions.groupId, groupIds));
    await db.delete(groups).where(inArray(groups.id, groupIds));
    for (const { id } of elsewhere) await recount(db, id);
  }
  return learnerIds.length + groupIds.length;
}

/** Rewrites the tables in which erased rows stood, and their log: what was erased is on the disk no more. */
export async function sweepDisk(db: Database): Promise<void> {
  for (const table of [
    "responses",
    "learners",
    "memberships",
    "sessions",
    "session_words",
    "groups",
    "chains",
    "word_sets",
    "unit_totals",
    "outcome_totals",
    "lesson_totals",
    "skill_totals",
    "put_off",
  ])
    await db.execute(sql.raw(`vacuum full ${table}`));
  await db.execute(sql`select pg_switch_wal()`);
  await db.execute(sql`checkpoint`);
}
