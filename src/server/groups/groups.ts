import { and, asc, eq, inArray, isNotNull, isNull, or } from "drizzle-orm";
import { NO_TICKS, type TickTokens } from "../../core/light.ts";
import type { NewGroupInput, TicksInput } from "../../schemas/groups.ts";
import type { GroupId, LearnerId } from "../../schemas/ids.ts";
import type { GroupChangeInput } from "../../schemas/people.ts";
import type { Queryable } from "../db/database.ts";
import { mergeChoices } from "../db/merge-choices.ts";
import { newId } from "../db/new-id.ts";
import { readOnce } from "../db/read-once.ts";
import { groups, learners, memberships } from "../db/schema.ts";
import { AppError, notFound } from "../http/errors.ts";
import { getSequence } from "../school/sequences.ts";

export interface Learner {
  readonly id: LearnerId;
  readonly nickname: string;
}

export interface Group {
  readonly id: GroupId;
  readonly name: string;
  readonly sequenceId: string;
  readonly step: number;
  /** What was ticked by hand on top of the step. */
  readonly ticks: TickTokens;
  /** Made up, with everything in it. */
  readonly isDemo: boolean;
  /** A lesson is rehearsed in it. */
  readonly isRehearsal: boolean;
  /** In seat order. */
  readonly learners: readonly Learner[];
}

/** @throws AppError "invalid" when there is no such sequence or step */
async function checkStepExists(db: Queryable, sequenceId: string, step: number): Promise<void> {
  const sequence = await getSequence(db, sequenceId).catch(() => undefined);
  if (!sequence)
    throw new AppError("invalid", "There is no such sequence.", [
      { field: "sequenceId", message: "is not a sequence that Zip Step knows" },
    ]);
  const steps = sequence.steps.length;
  if (step > steps)
    throw new AppError("invalid", `That sequence has ${steps} steps.`, [
      { field: "step", message: `must be from 1 to ${steps}` },
    ]);
}

/** Groups with their learners, by name. @param ids only these; all when not given */
export const listGroups = (db: Queryable, ids?: readonly GroupId[]): Promise<readonly Group[]> =>
  readOnce(`groups ${ids?.join() ?? "all"}`, () => readGroups(db, ids));

async function readGroups(db: Queryable, ids: readonly GroupId[] | undefined): Promise<Group[]> {
  const rows = await db
    .select()
    .from(groups)
    // Asked for by its id, one that is put away can be looked at; one that is being erased cannot.
    .where(
      and(
        isNull(groups.eraseAt),
        ids ? inArray(groups.id, [...ids]) : and(isNull(groups.putAwayAt), isNull(groups.rehearsalOf)),
      ),
    )
    .orderBy(asc(groups.name));
  const members = await readOnce("members", async () =>
    db
      .select({ groupId: memberships.groupId, id: learners.id, nickname: learners.nickname })
      .from(memberships)
      .innerJoin(learners, eq(learners.id, memberships.learnerId))
      .where(and(isNull(learners.putAwayAt), isNull(learners.eraseAt)))
      .orderBy(asc(memberships.seat)),
  );
  return rows.map(({ id, name, sequenceId, step, ticks, isDemo, rehearsalOf }) => ({
    id,
    name,
    sequenceId,
    step,
    ticks: ticks ?? NO_TICKS,
    isDemo,
    isRehearsal: rehearsalOf !== null,
    learners: members.filter((m) => m.groupId === id).map((m) => ({ id: m.id, nickname: m.nickname })),
  }));
}

/** @throws AppError "not-found" */
export async function getGroup(db: Queryable, id: GroupId): Promise<Group> {
  const [group] = await listGroups(db, [id]);
  if (!group) throw notFound("group");
  return group;
}

/** A new group. @param isDemo of made-up learners @throws AppError "invalid" when the sequence has no such step */
export async function createGroup(db: Queryable, input: NewGroupInput, isDemo = false): Promise<Group> {
  await checkStepExists(db, input.sequenceId, input.step);
  const id = newId<GroupId>();
  const { name, sequenceId, step } = input;
  await db.insert(groups).values({ id, name, sequenceId, step, isDemo });
  for (const [seat, nickname] of input.learners.entries()) {
    const learnerId = newId<LearnerId>();
    await db.insert(learners).values({ id: learnerId, nickname });
    await db.insert(memberships).values({ groupId: id, learnerId, seat });
  }
  return getGroup(db, id);
}

/** Renames a group, puts it at a step of a sequence, away or back. @throws AppError "not-found", "invalid" */
export async function changeGroup(
  db: Queryable,
  id: GroupId,
  { name, sequenceId, step, putAway }: GroupChangeInput,
  now: Date,
): Promise<Group> {
  const isMoved = sequenceId !== undefined && step !== undefined;
  if (isMoved) await checkStepExists(db, sequenceId, step);
  await db
    .update(groups)
    .set({
      ...(name !== undefined && { name }),
      ...(isMoved && { sequenceId, step }),
      ...(putAway !== undefined && { putAwayAt: putAway ? now : null }),
      updatedAt: now,
    })
    .where(eq(groups.id, id));
  return getGroup(db, id);
}

/** A group that is out of sight. */
export interface HiddenGroup {
  readonly id: GroupId;
  readonly name: string;
  /** ISO time until which its erasure can be taken back; null for one that was put away. */
  readonly eraseAt: string | null;
}

/** Groups that were put away or are being erased, by name. */
export async function hiddenGroups(db: Queryable): Promise<HiddenGroup[]> {
  const rows = await db
    .select()
    .from(groups)
    .where(and(isNull(groups.rehearsalOf), or(isNotNull(groups.putAwayAt), isNotNull(groups.eraseAt))))
    .orderBy(asc(groups.name));
  return rows.map(({ id, name, eraseAt }) => ({ id, name, eraseAt: eraseAt?.toISOString() ?? null }));
}

/** Keeps what was ticked by hand on top of the step, with what others have ticked since. @throws AppError "not-found" */
export async function tickGroup(db: Queryable, id: GroupId, { base, ...mine }: TicksInput): Promise<Group> {
  const ticks = base ? mergeChoices<TickTokens>(base, mine, (await getGroup(db, id)).ticks) : mine;
  await db.update(groups).set({ ticks, updatedAt: new Date() }).where(eq(groups.id, id));
  return getGroup(db, id);
}
