import {
  type LessonMaterials,
  type LessonTemplate,
  lessonMaterials,
  type Prompt,
  promptsOf,
  taughtGpcs,
} from "../../core/index.ts";
import type { Queryable } from "../db/database.ts";
import { type GroupProposal, proposalsFor } from "../evidence/proposals.ts";
import { groupScope } from "../groups/group-scope.ts";
import { type Group, listGroups } from "../groups/groups.ts";
import { AppError } from "../http/errors.ts";
import { materialOf } from "./activity-material.ts";
import type { PlanActivity } from "./lesson-types.ts";
import { type CheckedPlan, checkedPlan } from "./plan-check.ts";
import { getPlan, type Plan } from "./plans.ts";
import { listTemplates } from "./templates.ts";

export interface PlanPage {
  readonly groups: readonly Group[];
  readonly group: Group;
  readonly plan: CheckedPlan;
  /** What the group has been taught, GPC ids, the newest first: to aim at. */
  readonly choices: readonly string[];
  /** What the next lesson is for, by the records: what the address names, or the best. */
  readonly proposal: GroupProposal | undefined;
  /** Lines of activities to draft by: the workspace's own, then those that ship. */
  readonly templates: readonly (Pick<LessonTemplate, "id" | "name"> & { readonly shipped: boolean })[];
}

/**
 * Gathers the Plan screen; null when there is no group yet.
 * @throws AppError "not-found" when the address names a group that does not exist
 */
export async function planPage(
  db: Queryable,
  groupId: string | null,
  focusId: string | null = null,
): Promise<PlanPage | null> {
  const groups = await listGroups(db);
  const group = groupId ? groups.find(({ id }) => id === groupId) : groups[0];
  if (groupId && !group) throw new AppError("not-found", "There is no such group.");
  if (!group) return null;
  const scope = await groupScope(db, group);
  const choices = taughtGpcs(scope);
  const proposals = await proposalsFor(db, group, scope);
  // Of itself a lesson is for what is sure.
  const proposal = proposals.find(({ id }) => id === focusId) ?? proposals.find(({ isNamed }) => isNamed);
  const templates = (await listTemplates(db)).map(({ id, name, shipped }) => ({ id, name, shipped }));
  return { groups, group, plan: await checkedPlan(db, await getPlan(db, group.id)), choices, proposal, templates };
}

/** A plan as a helper has it in hand. */
export interface PlanSheet {
  readonly group: Group;
  readonly plan: Plan;
  readonly activities: readonly { readonly activity: PlanActivity; readonly prompts: readonly Prompt[] }[];
  readonly materials: LessonMaterials;
}

/** @throws AppError "not-found" when the address names a group that does not exist */
export async function planSheet(db: Queryable, groupId: string | null): Promise<PlanSheet | null> {
  const page = await planPage(db, groupId);
  if (!page) return null;
  const { school } = await groupScope(db, page.group);
  const activities = await Promise.all(
    page.plan.activities.map(async (activity) => ({ activity, content: (await materialOf(db, activity)).content })),
  );
  return {
    group: page.group,
    plan: page.plan,
    activities: activities.map(({ activity, content }) => ({ activity, prompts: promptsOf(content, school.accent) })),
    materials: lessonMaterials(
      activities.map(({ content }) => content),
      school.accent,
      school.taps,
    ),
  };
}
