import { type CheckedActivity, checkLesson, type LessonFault, taughtOf } from "../../core/index.ts";
import type { GroupId } from "../../schemas/ids.ts";
import type { Queryable } from "../db/database.ts";
import { scopeOfGroup } from "../groups/group-scope.ts";
import { materialOf } from "./activity-material.ts";
import type { Plan } from "./plans.ts";

/** A plan with what stands against it now. */
export interface CheckedPlan extends Plan {
  readonly faults: readonly LessonFault[];
}

/**
 * A plan looked over as it stands: the group may have been put to another step since it was made, a chain of it changed
 * on the bench, a word kept out. @throws AppError "not-found"
 */
export async function checkedPlan(db: Queryable, plan: Plan): Promise<CheckedPlan> {
  const activities = await Promise.all(
    plan.activities.map(async (activity) => ({ ...activity, ...(await materialOf(db, activity)) })),
  );
  return { ...plan, faults: await faultsIn(db, plan.groupId, activities) };
}

/** What stands against activities for a group, by what it has been taught and what its school keeps out. */
export async function faultsIn(
  db: Queryable,
  groupId: GroupId,
  activities: readonly CheckedActivity[],
): Promise<LessonFault[]> {
  const scope = await scopeOfGroup(db, groupId);
  const { never, allowLists } = scope.school;
  return checkLesson(activities, { taught: taughtOf(scope), never, allowLists });
}
