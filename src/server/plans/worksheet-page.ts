import { type Prompt, promptsOf, stopsLesson, withoutWords, wordsShownIn } from "../../core/index.ts";
import type { Queryable } from "../db/database.ts";
import { groupScope } from "../groups/group-scope.ts";
import type { Group } from "../groups/groups.ts";
import { unfitWords } from "../sets/word-sets.ts";
import { materialOf } from "./activity-material.ts";
import type { PlanActivity } from "./lesson-types.ts";
import { planPage } from "./plan-page.ts";

/** A lesson as learners have it on paper. */
export interface WorksheetPage {
  readonly group: Group;
  readonly activities: readonly { readonly activity: PlanActivity; readonly prompts: readonly Prompt[] }[];
  /** Activities that do not fit the group now: they are not printed. */
  readonly leftOut: readonly PlanActivity[];
}

/**
 * What of a group's next lesson can be given to learners: nothing that does not fit them now, and no word that the school
 * keeps out.
 *
 * @throws AppError "not-found" when the address names a group that does not exist
 */
export async function worksheetPage(db: Queryable, groupId: string | null): Promise<WorksheetPage | null> {
  const page = await planPage(db, groupId);
  if (!page) return null;
  const { school } = await groupScope(db, page.group);
  const isUnfit = ({ id }: PlanActivity) =>
    page.plan.faults.some((fault) => fault.activity === id && stopsLesson(fault));
  const activities = await Promise.all(
    page.plan.activities
      .filter((activity) => !isUnfit(activity) && !activity.heldBack)
      .map(async (activity) => {
        const { content } = await materialOf(db, activity);
        const left = withoutWords(content, new Set(unfitWords(wordsShownIn(content), school)));
        return { activity, prompts: left ? promptsOf(left, school.accent) : [] };
      }),
  );
  return { group: page.group, activities, leftOut: page.plan.activities.filter(isUnfit) };
}
