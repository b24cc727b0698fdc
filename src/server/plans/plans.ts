import { randomUUID } from "node:crypto";
import { eq, inArray, sql } from "drizzle-orm";
import { itemsOfSet, minutesFor } from "../../core/light.ts";
import type { ChainId, GroupId, SetId } from "../../schemas/ids.ts";
import { MOST_ACTIVITIES } from "../../schemas/plans.ts";
import { getChain } from "../chains/chains.ts";
import type { Queryable } from "../db/database.ts";
import { chains, plans, wordSets } from "../db/schema.ts";
import { getGroup } from "../groups/groups.ts";
import { AppError, notFound } from "../http/errors.ts";
import { getSchool } from "../school/school.ts";
import { getSet } from "../sets/word-sets.ts";
import type { PlanActivity } from "./lesson-types.ts";
import { type ChangedPlan, mergePlan } from "./merge-plan.ts";

/** The next lesson of a group: each has one. */
export interface Plan {
  /** The group's id: a group has one plan. */
  readonly id: string;
  readonly groupId: GroupId;
  readonly minutes: number;
  readonly activities: readonly PlanActivity[];
  /** Goes up by one with every change; 0 before there is one. */
  readonly version: number;
}

const DEFAULT_MINUTES = 20;
/** So many activities that were taken out can be put back. */
const MOST_OUT = 20;

/** The plan of a group's next lesson; what its chains and sets were deleted of is gone from it. @throws AppError "not-found" */
export async function getPlan(db: Queryable, groupId: GroupId): Promise<Plan> {
  const plan = await planWithOuts(db, groupId);
  return { ...plan, activities: plan.activities.filter(({ out }) => !out) };
}

/** The same with what was taken out. */
async function planWithOuts(db: Queryable, groupId: GroupId): Promise<Plan> {
  await getGroup(db, groupId);
  const [row] = await db.select().from(plans).where(eq(plans.groupId, groupId));
  if (!row) return { id: groupId, groupId, minutes: DEFAULT_MINUTES, activities: [], version: 0 };
  const activities = row.activities ?? [];
  const titles = await titlesOf(db, activities);
  return {
    id: groupId,
    groupId,
    minutes: row.minutes,
    version: row.version,
    activities: activities.flatMap((activity) => {
      if (activity.ref === undefined) return [activity];
      const title = titles.get(activity.ref);
      return title === undefined ? [] : [{ ...activity, title }];
    }),
  };
}

/** What the activities' chains and sets are called now. */
async function titlesOf(db: Queryable, activities: readonly PlanActivity[]): Promise<Map<string, string>> {
  const refs = activities.flatMap(({ ref }) => (ref === undefined ? [] : [ref]));
  if (refs.length === 0) return new Map();
  const named = [
    ...(await db
      .select({ id: chains.id, title: chains.title })
      .from(chains)
      .where(inArray(chains.id, refs as ChainId[]))),
    ...(await db
      .select({ id: wordSets.id, title: wordSets.title })
      .from(wordSets)
      .where(inArray(wordSets.id, refs as SetId[]))),
  ];
  return new Map(named.map(({ id, title }) => [id, title]));
}

/** What is put into a lesson by reference. */
type SavedMaterial = { readonly chainId: ChainId } | { readonly setId: SetId };

/** Puts a saved chain or set at the end of the next lesson; one that is in it already stays where it is. */
export async function addSaved(db: Queryable, groupId: GroupId, material: SavedMaterial): Promise<Plan> {
  const plan = await getPlan(db, groupId);
  const ref = "chainId" in material ? material.chainId : material.setId;
  if (plan.activities.some((activity) => activity.ref === ref)) return plan;
  refuseWhenFull(plan);
  const planned =
    "chainId" in material
      ? await plannedChain(db, material.chainId, groupId)
      : await plannedSet(db, material.setId, groupId);
  const { practice } = await getSchool(db);
  const activity = { id: randomUUID(), ref, ifTime: false, heldBack: false, settings: practice, ...planned };
  await storePlan(db, { ...plan, activities: [...plan.activities, activity] });
  return getPlan(db, groupId);
}

/** @throws AppError "invalid" when a plan holds no more */
export function refuseWhenFull({ activities }: Plan): void {
  if (activities.length >= MOST_ACTIVITIES)
    throw new AppError("invalid", `A lesson has at most ${MOST_ACTIVITIES} activities.`, [
      { field: "activities", message: "take one out first" },
    ]);
}

type ActivityHead = Pick<PlanActivity, "kind" | "title" | "minutes">;

async function plannedChain(db: Queryable, id: ChainId, groupId: GroupId): Promise<ActivityHead> {
  const chain = await getChain(db, id);
  checkGroup(chain.groupId, groupId, "chainId");
  return { kind: "chain", title: chain.title, minutes: minutesFor("chain", chain.words.length) };
}

async function plannedSet(db: Queryable, id: SetId, groupId: GroupId): Promise<ActivityHead> {
  const set = await getSet(db, id);
  checkGroup(set.groupId, groupId, "setId");
  return { kind: set.kind, title: set.title, minutes: minutesFor(set.kind, itemsOfSet(set.content)) };
}

function checkGroup(owner: string, groupId: GroupId, field: string): void {
  if (owner !== groupId)
    throw new AppError("invalid", "That belongs to another group.", [
      { field, message: "must be a chain or a set of the group" },
    ]);
}

/** A plan as it is changed by hand: which of its activities, in which order, how long and how each is done. */
type ActivityChange = Pick<PlanActivity, "id" | "minutes"> & Partial<Pick<PlanActivity, "ifTime" | "settings">>;
type PlanChange = ChangedPlan<ActivityChange> & { readonly base?: ChangedPlan<ActivityChange> };

/** A change put together with what others have done since it was begun. @throws AppError "conflict" */
function withOthers(change: PlanChange, { minutes, activities }: Plan): ChangedPlan<ActivityChange> {
  if (!change.base) return change;
  const stored = activities.filter(({ out }) => !out);
  const merged = mergePlan(change.base, change, { minutes, activities: stored });
  if (merged.ok) return merged.plan;
  const names = stored.filter(({ id }) => merged.conflicts.includes(id)).map(({ title, kind }) => title || kind);
  throw new AppError("conflict", `Somebody else has just changed the same in this lesson: ${names.join(", ")}.`);
}

/**
 * Reorders, takes out, puts back, times and sets what is in the plan. Where the change says what it was made on, what
 * others have done since is kept.
 *
 * @throws AppError "not-found", "invalid", "conflict" when two people have changed the same thing
 */
export async function changePlan(db: Queryable, groupId: GroupId, input: PlanChange): Promise<Plan> {
  const plan = await planWithOuts(db, groupId);
  const known = new Map(plan.activities.map((activity) => [activity.id, activity]));
  const change = withOthers(input, plan);
  const activities = change.activities.map(({ id, minutes, ifTime, settings }): PlanActivity => {
    const activity = known.get(id);
    if (!activity)
      throw new AppError("invalid", "The plan has changed elsewhere.", [
        { field: "activities", message: "an activity is no longer in the plan; reload the page" },
      ]);
    const { out: _, ...back } = activity;
    return { ...back, minutes, ifTime: ifTime ?? activity.ifTime, settings: settings ?? activity.settings };
  });
  const listed = new Set(activities.map(({ id }) => id));
  // Those taken out last come last: of too many the oldest go.
  const notListed = plan.activities.filter(({ id }) => !listed.has(id));
  const outs = [...notListed.filter(({ out }) => out), ...notListed.filter(({ out }) => !out)].map((one) => ({
    ...one,
    out: true,
  }));
  await storePlan(db, { groupId, minutes: change.minutes, activities: [...activities, ...outs.slice(-MOST_OUT)] });
  return getPlan(db, groupId);
}

/** Takes one activity out of the next lesson; it can be put back. @throws AppError "not-found" */
export async function removeActivity(db: Queryable, groupId: GroupId, activityId: string): Promise<Plan> {
  const { minutes, activities } = await getPlan(db, groupId);
  if (!activities.some(({ id }) => id === activityId)) throw notFound("activity of this plan");
  return changePlan(db, groupId, { minutes, activities: activities.filter(({ id }) => id !== activityId) });
}

/** @throws AppError "conflict" when something is asked of a plan that is not the stored one any more */
export function refuseStale({ version }: Plan, asked: number | undefined): void {
  if (asked !== undefined && asked !== version)
    throw new AppError("conflict", "Somebody else has changed this lesson since this page was loaded.");
}

/** Stores a plan as it is. */
export async function storePlan(
  db: Queryable,
  { groupId, minutes, activities }: Pick<Plan, "groupId" | "minutes" | "activities">,
): Promise<void> {
  await db
    .insert(plans)
    .values({ id: groupId, groupId, minutes, activities })
    .onConflictDoUpdate({
      target: plans.groupId,
      set: { minutes, activities, version: sql`${plans.version} + 1`, updatedAt: new Date() },
    });
}
