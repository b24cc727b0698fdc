import { and, eq, isNotNull } from "drizzle-orm";
import type { GroupId, LearnerId } from "../../schemas/ids.ts";
import type { Queryable } from "../db/database.ts";
import { newId } from "../db/new-id.ts";
import { groups, learners, memberships, plans } from "../db/schema.ts";
import { getGroup } from "../groups/groups.ts";
import { AppError, notFound } from "../http/errors.ts";
import { getPlan } from "../plans/plans.ts";
import type { Session } from "../sessions/sessions.ts";
import { startSession } from "../sessions/start-session.ts";

/** Nicknames of those who rehearse: things of the shore, and no bird of the demo. */
const NICKNAMES = ["Pebble", "Kelp", "Limpet", "Cockle", "Mussel", "Whelk"] as const;
const FEWEST = 3;

/**
 * Begins a group's next lesson with made-up learners, in a group of its own that no list holds: what they answer is
 * theirs, and goes with them. A rehearsal of the group that is still there goes first.
 *
 * @throws AppError "not-found", "invalid" when there is nothing in the lesson, or a rehearsal is to be rehearsed
 */
export async function beginRehearsal(db: Queryable, groupId: GroupId, now: Date): Promise<Session> {
  const group = await getGroup(db, groupId);
  if (group.isRehearsal)
    throw new AppError("invalid", "This is a rehearsal already.", [
      { field: "groupId", message: "must be a real group" },
    ]);
  const plan = await getPlan(db, groupId);
  await db.update(groups).set({ eraseAt: now }).where(eq(groups.rehearsalOf, groupId));
  const id = newId<GroupId>();
  const { sequenceId, step, ticks } = group;
  // As made-up as the demo: nobody moves between them and real groups.
  await db
    .insert(groups)
    .values({ id, name: `Rehearsal: ${group.name}`, sequenceId, step, ticks, isDemo: true, rehearsalOf: groupId });
  const nicknames = NICKNAMES.slice(0, Math.max(FEWEST, Math.min(NICKNAMES.length, group.learners.length)));
  const made = nicknames.map((nickname) => ({ id: newId<LearnerId>(), nickname }));
  await db.insert(learners).values(made);
  await db.insert(memberships).values(made.map((learner, seat) => ({ groupId: id, learnerId: learner.id, seat })));
  await db.insert(plans).values({ id, groupId: id, minutes: plan.minutes, activities: plan.activities });
  return startSession(db, { groupId: id, lesson: true }, now);
}

/** Erases a rehearsal with all that was answered in it. @throws AppError "not-found" for a group that is none */
export async function eraseRehearsal(db: Queryable, groupId: GroupId, now: Date): Promise<void> {
  const [gone] = await db
    .update(groups)
    .set({ eraseAt: now })
    .where(and(eq(groups.id, groupId), isNotNull(groups.rehearsalOf)))
    .returning({ id: groups.id });
  if (!gone) throw notFound("rehearsal");
}
