import { randomUUID } from "node:crypto";
import { eq, inArray } from "drizzle-orm";
import { z } from "zod";
import { DEFAULT_PRACTICE, itemsOfSet, minutesFor } from "../../core/light.ts";
import { getChain } from "../chains/chains.ts";
import type { Queryable } from "../db/database.ts";
import { chains, plans, wordSets } from "../db/schema.ts";
import { getGroup } from "../groups/groups.ts";
import { AppError } from "../http/errors.ts";
import { idField, practiceField } from "../http/fields.ts";
import { getSchool } from "../school/school.ts";
import { getSet } from "../sets/word-sets.ts";
import type { PlanActivity } from "./lesson-types.ts";

/** The next lesson of a group. */
export interface Plan {
  readonly groupId: string;
  readonly minutes: number;
  readonly activities: readonly PlanActivity[];
}

export const LONGEST_PLAN = 90;
export const MOST_ACTIVITIES = 30;
const DEFAULT_MINUTES = 20;
/** So many activities that were taken out can be put back. */
const MOST_OUT = 20;

const minutesField = z.number().min(0.5, "at least half a minute").max(LONGEST_PLAN, `at most ${LONGEST_PLAN} minutes`);

export const addActivityInput = z.object({
  groupId: idField,
  kind: z.enum(["chain", "set"], "must be chain or set"),
  ref: idField,
});

export const planInput = z.object({
  minutes: z
    .number()
    .int("a whole number of minutes")
    .min(5, "at least 5 minutes")
    .max(LONGEST_PLAN, `at most ${LONGEST_PLAN} minutes`),
  activities: z
    .array(
      z.object({
        id: idField,
        minutes: minutesField,
        ifTime: z.boolean().optional(),
        settings: practiceField.optional(),
      }),
    )
    .max(MOST_ACTIVITIES, `at most ${MOST_ACTIVITIES} activities`),
});

/** The plan of a group's next lesson; what its chains and sets were deleted of is gone from it. @throws AppError "not-found" */
export async function getPlan(db: Queryable, groupId: string): Promise<Plan> {
  const plan = await planWithOuts(db, groupId);
  return { ...plan, activities: plan.activities.filter(({ out }) => !out) };
}

/** The same with what was taken out. */
async function planWithOuts(db: Queryable, groupId: string): Promise<Plan> {
  await getGroup(db, groupId);
  const [row] = await db.select().from(plans).where(eq(plans.groupId, groupId));
  if (!row) return { groupId, minutes: DEFAULT_MINUTES, activities: [] };
  const titles = await titlesOf(db, row.activities);
  return {
    groupId,
    minutes: row.minutes,
    activities: row.activities.flatMap((activity) => {
      // An activity that is older than a choice has the default for it.
      const now = { ...activity, settings: { ...DEFAULT_PRACTICE, ...activity.settings } };
      if (activity.ref === undefined) return [now];
      const title = titles.get(activity.ref);
      return title === undefined ? [] : [{ ...now, title }];
    }),
  };
}

/** What the activities' chains and sets are called now. */
async function titlesOf(db: Queryable, activities: readonly PlanActivity[]): Promise<Map<string, string>> {
  const refs = activities.flatMap(({ ref }) => (ref === undefined ? [] : [ref]));
  if (refs.length === 0) return new Map();
  const named = [
    ...(await db.select({ id: chains.id, title: chains.title }).from(chains).where(inArray(chains.id, refs))),
    ...(await db.select({ id: wordSets.id, title: wordSets.title }).from(wordSets).where(inArray(wordSets.id, refs))),
  ];
  return new Map(named.map(({ id, title }) => [id, title]));
}

/** Puts a chain or a set at the end of the next lesson; one that is in it already stays where it is. */
export async function addActivity(db: Queryable, input: z.infer<typeof addActivityInput>): Promise<Plan> {
  const plan = await getPlan(db, input.groupId);
  if (plan.activities.some(({ ref }) => ref === input.ref)) return plan;
  if (plan.activities.length >= MOST_ACTIVITIES)
    throw new AppError("invalid", `A lesson has at most ${MOST_ACTIVITIES} activities.`, [
      { field: "activities", message: "take one out first" },
    ]);
  const done = input.kind === "chain" ? await withChain(db, input) : await withSet(db, input);
  const { practice } = await getSchool(db);
  const activity = { id: randomUUID(), ref: input.ref, ifTime: false, heldBack: false, settings: practice, ...done };
  await storePlan(db, { ...plan, activities: [...plan.activities, activity] });
  return getPlan(db, input.groupId);
}

type Done = Pick<PlanActivity, "kind" | "title" | "minutes">;

async function withChain(db: Queryable, { ref, groupId }: z.infer<typeof addActivityInput>): Promise<Done> {
  const chain = await getChain(db, ref);
  checkGroup(chain.groupId, groupId);
  return { kind: "chain", title: chain.title, minutes: minutesFor("chain", chain.words.length) };
}

async function withSet(db: Queryable, { ref, groupId }: z.infer<typeof addActivityInput>): Promise<Done> {
  const set = await getSet(db, ref);
  checkGroup(set.groupId, groupId);
  return { kind: set.kind, title: set.title, minutes: minutesFor(set.kind, itemsOfSet(set.content)) };
}

function checkGroup(owner: string, groupId: string): void {
  if (owner !== groupId)
    throw new AppError("invalid", "That belongs to another group.", [
      { field: "ref", message: "must be a chain or a set of the group" },
    ]);
}

/** Reorders, takes out, puts back, times and sets what is in the plan. @throws AppError "not-found", "invalid" */
export async function changePlan(db: Queryable, groupId: string, input: z.infer<typeof planInput>): Promise<Plan> {
  const plan = await planWithOuts(db, groupId);
  const known = new Map(plan.activities.map((activity) => [activity.id, activity]));
  const activities = input.activities.map(({ id, minutes, ifTime, settings }): PlanActivity => {
    const activity = known.get(id);
    if (!activity)
      throw new AppError("invalid", "The plan has changed elsewhere.", [
        { field: "activities", message: "an activity is no longer in the plan; reload the page" },
      ]);
    const { out: _, ...back } = activity;
    return { ...back, minutes, ifTime: ifTime ?? activity.ifTime, settings: settings ?? activity.settings };
  });
  const listed = new Set(activities.map(({ id }) => id));
  const outs = plan.activities.filter(({ id }) => !listed.has(id)).map((one) => ({ ...one, out: true }));
  await storePlan(db, { groupId, minutes: input.minutes, activities: [...activities, ...outs.slice(-MOST_OUT)] });
  return getPlan(db, groupId);
}

/** Stores a plan as it is. */
export async function storePlan(db: Queryable, { groupId, minutes, activities }: Plan): Promise<void> {
  await db
    .insert(plans)
    .values({ id: randomUUID(), groupId, minutes, activities })
    .onConflictDoUpdate({ target: plans.groupId, set: { minutes, activities, updatedAt: new Date() } });
}
