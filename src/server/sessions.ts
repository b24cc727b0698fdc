import { randomUUID } from "node:crypto";
import { desc, eq } from "drizzle-orm";
import { z } from "zod";
import { getChain } from "./chains.ts";
import type { Queryable } from "./db/database.ts";
import { type Aim, type Place, sessions } from "./db/schema.ts";
import { AppError, notFound } from "./errors.ts";
import { idField } from "./fields.ts";
import { getPlan } from "./plans.ts";

/** A chain being taught, or taught, to a group. */
export interface Session {
  readonly id: string;
  readonly groupId: string;
  readonly chainId: string | null;
  readonly title: string;
  readonly words: readonly string[];
  readonly aim: Aim;
  readonly place: Place;
  readonly startedAt: string;
  readonly endedAt: string | null;
}

/** What is taught: a saved chain, or an activity of the group's next lesson. */
export const newSessionInput = z.union([
  z.object({ chainId: idField }),
  z.object({ groupId: idField, activityId: idField }),
]);

export const sessionChangeInput = z
  .object({
    place: z.object({ wordIndex: z.number().int().min(0), learnerId: idField.nullable() }).optional(),
    ended: z.boolean().optional(),
  })
  .refine((change) => change.place !== undefined || change.ended !== undefined, "says nothing to change");

const toSession = (row: typeof sessions.$inferSelect): Session => ({
  id: row.id,
  groupId: row.groupId,
  chainId: row.chainId,
  title: row.title,
  words: row.words,
  aim: row.aim,
  place: row.place,
  startedAt: row.startedAt.toISOString(),
  endedAt: row.endedAt?.toISOString() ?? null,
});

/** @throws AppError "not-found" */
export async function getSession(db: Queryable, id: string): Promise<Session> {
  const [row] = await db.select().from(sessions).where(eq(sessions.id, id));
  if (!row) throw notFound("session");
  return toSession(row);
}

/** A group's sessions, the latest first. */
export async function listSessions(db: Queryable, groupId: string, most = 20): Promise<Session[]> {
  const rows = await db
    .select()
    .from(sessions)
    .where(eq(sessions.groupId, groupId))
    .orderBy(desc(sessions.startedAt))
    .limit(most);
  return rows.map(toSession);
}

/** Starts teaching a chain: its words are copied, so that later edits do not rewrite what was taught. */
export async function startSession(db: Queryable, chainId: string, now: Date): Promise<Session> {
  const chain = await getChain(db, chainId);
  const id = randomUUID();
  await db.insert(sessions).values({
    id,
    groupId: chain.groupId,
    chainId,
    title: chain.title,
    words: chain.words,
    aim: chain.aim,
    place: { wordIndex: 0, learnerId: null },
    startedAt: now,
  });
  return getSession(db, id);
}

/**
 * Starts teaching the words of a drafted activity, those kept back under a name of their own, so that their results
 * stand apart in the records.
 *
 * @throws AppError "not-found", "invalid" when the activity is not one of words read one by one
 */
export async function startActivity(
  db: Queryable,
  { groupId, activityId }: { readonly groupId: string; readonly activityId: string },
  now: Date,
): Promise<Session> {
  const { activities } = await getPlan(db, groupId);
  const activity = activities.find(({ id }) => id === activityId);
  if (!activity) throw notFound("activity of this plan");
  const words = activity.content && "words" in activity.content ? activity.content.words : [];
  if (words.length === 0)
    throw new AppError("invalid", "This activity has no words to be read one by one.", [
      { field: "activityId", message: "choose a chain, a list or a family" },
    ]);
  const id = randomUUID();
  await db.insert(sessions).values({
    id,
    groupId,
    title: activity.heldBack ? `Kept back: ${words.join(", ")}` : `${words[0]} to ${words.at(-1)}`,
    words,
    aim: { focus: [], contrasts: [] },
    place: { wordIndex: 0, learnerId: null },
    startedAt: now,
  });
  return getSession(db, id);
}

/** Keeps the place, or ends the session. @throws AppError "not-found", "invalid" */
export async function changeSession(
  db: Queryable,
  id: string,
  change: z.infer<typeof sessionChangeInput>,
  now: Date,
): Promise<Session> {
  const session = await getSession(db, id);
  if (change.place && change.place.wordIndex >= session.words.length)
    throw new AppError("invalid", `The chain has ${session.words.length} words.`, [
      { field: "place.wordIndex", message: `must be from 0 to ${session.words.length - 1}` },
    ]);
  await db
    .update(sessions)
    .set({
      ...(change.place && { place: change.place }),
      ...(change.ended !== undefined && { endedAt: change.ended ? now : null }),
      updatedAt: now,
    })
    .where(eq(sessions.id, id));
  return getSession(db, id);
}

/** Words of the group's last sessions: the planner passes over them where it can. */
export async function recentWords(db: Queryable, groupId: string, lessons = 3): Promise<string[]> {
  const latest = await listSessions(db, groupId, lessons);
  return [...new Set(latest.flatMap((session) => session.words))];
}
