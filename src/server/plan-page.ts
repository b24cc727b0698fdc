import type { Queryable } from "./db/database.ts";
import { AppError } from "./errors.ts";
import { type Group, listGroups } from "./groups.ts";
import { getPlan, type Plan } from "./plans.ts";

export interface PlanPage {
  readonly groups: readonly Group[];
  readonly group: Group;
  readonly plan: Plan;
}

/**
 * Gathers the Plan screen; null when there is no group yet.
 * @throws AppError "not-found" when the address names a group that does not exist
 */
export async function planPage(db: Queryable, groupId: string | null): Promise<PlanPage | null> {
  const groups = await listGroups(db);
  const group = groupId ? groups.find(({ id }) => id === groupId) : groups[0];
  if (groupId && !group) throw new AppError("not-found", "There is no such group.");
  return group ? { groups, group, plan: await getPlan(db, group.id) } : null;
}
