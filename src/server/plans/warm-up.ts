import type { Queryable } from "../db/database.ts";
import { listGroups } from "../groups/groups.ts";
import { getSchool } from "../school/school.ts";
import { askWords } from "../words/pool.ts";
import { requestFor } from "./lesson-draft.ts";
import { checkedPlan } from "./plan-check.ts";
import { getPlan } from "./plans.ts";

const MINUTES = 30;

/**
 * Makes ready what the first lesson drafted after a start would have to wait for: the word list, its graph, what
 * nonsense words are held against, and a lesson drafted for nobody to see. Nothing is stored.
 */
export async function warmUp(db: Queryable): Promise<void> {
  const { accent } = await getSchool(db);
  await askWords("warmUp", accent);
  const [group] = await listGroups(db);
  if (!group) return;
  // What is looked over here, word by word, opens the list here too.
  await checkedPlan(db, await getPlan(db, group.id));
  const request = await requestFor(db, group.id, { focus: [], contrasts: [], minutes: MINUTES, seed: 1 });
  const focus = request.taughtGpcs.slice(-1);
  await askWords("draftLesson", { ...request, focus });
}
