import { randomUUID } from "node:crypto";
import { asc, eq, inArray } from "drizzle-orm";
import { z } from "zod";
import { sequenceById } from "../core/light.ts";
import type { Queryable } from "./db/database.ts";
import { groups, learners, memberships } from "./db/schema.ts";
import { AppError, notFound } from "./errors.ts";
import { sequenceField } from "./fields.ts";

export interface Learner {
  readonly id: string;
  readonly nickname: string;
}

export interface Group {
  readonly id: string;
  readonly name: string;
  readonly sequenceId: string;
  readonly step: number;
  /** In seat order. */
  readonly learners: readonly Learner[];
}

const nicknameField = z
  .string()
  .trim()
  .min(1, "a nickname has at least one letter")
  .max(40, "a nickname has at most 40 letters");

export const newGroupInput = z.object({
  name: z.string().trim().min(1, "a group needs a name").max(60, "a group's name has at most 60 letters"),
  sequenceId: sequenceField,
  step: z.number().int("a step is a whole number").min(1, "steps are counted from 1"),
  learners: z.array(nicknameField).max(40, "a group has at most 40 learners"),
});

export const moveGroupInput = newGroupInput.pick({ sequenceId: true, step: true });

function checkStepExists(sequenceId: string, step: number): void {
  const steps = sequenceById(sequenceId)?.steps.length ?? 0;
  if (step > steps)
    throw new AppError("invalid", `That sequence has ${steps} steps.`, [
      { field: "step", message: `must be from 1 to ${steps}` },
    ]);
}

export async function listGroups(db: Queryable, ids?: readonly string[]): Promise<Group[]> {
  const rows = await db
    .select()
    .from(groups)
    .where(ids ? inArray(groups.id, [...ids]) : undefined)
    .orderBy(asc(groups.name));
  const members = await db
    .select({ groupId: memberships.groupId, id: learners.id, nickname: learners.nickname })
    .from(memberships)
    .innerJoin(learners, eq(learners.id, memberships.learnerId))
    .orderBy(asc(memberships.seat));
  return rows.map(({ id, name, sequenceId, step }) => ({
    id,
    name,
    sequenceId,
    step,
    learners: members.filter((m) => m.groupId === id).map((m) => ({ id: m.id, nickname: m.nickname })),
  }));
}

/** @throws AppError "not-found" */
export async function getGroup(db: Queryable, id: string): Promise<Group> {
  const [group] = await listGroups(db, [id]);
  if (!group) throw notFound("group");
  return group;
}

/** @throws AppError "invalid" when the sequence has no such step */
export async function createGroup(db: Queryable, input: z.infer<typeof newGroupInput>): Promise<Group> {
  checkStepExists(input.sequenceId, input.step);
  const id = randomUUID();
  const { name, sequenceId, step } = input;
  await db.insert(groups).values({ id, name, sequenceId, step });
  for (const [seat, nickname] of input.learners.entries()) {
    const learnerId = randomUUID();
    await db.insert(learners).values({ id: learnerId, nickname });
    await db.insert(memberships).values({ groupId: id, learnerId, seat });
  }
  return getGroup(db, id);
}

/** Puts a group at a step of a sequence. @throws AppError "not-found", "invalid" */
export async function moveGroup(db: Queryable, id: string, to: z.infer<typeof moveGroupInput>): Promise<Group> {
  checkStepExists(to.sequenceId, to.step);
  await db
    .update(groups)
    .set({ ...to, updatedAt: new Date() })
    .where(eq(groups.id, id));
  return getGroup(db, id);
}
