import { lexiconIn, shippedLexicon } from "../../core/index.ts";
import type { Queryable } from "../db/database.ts";
import { proposalsFor } from "../evidence/proposals.ts";
import { listGroups } from "../groups/groups.ts";
import { getSchool } from "../school/school.ts";
import { askWords } from "../words/pool.ts";
import { requestFor } from "./lesson-draft.ts";
import { checkedPlan, faultsIn } from "./plan-check.ts";
import { getPlan } from "./plans.ts";

const MINUTES = 30;
/** Others are answered in between. */
const pause = () => new Promise((resolve) => setTimeout(resolve, 20));

/**
 * Makes ready what the first lesson drafted after a start would have to wait for: the word list, its graph, what
 * nonsense words are held against, and a lesson drafted for nobody to see. Nothing is stored.
 */
export async function warmUp(db: Queryable): Promise<void> {
  const { accent } = await getSchool(db);
  await askWords("warmUp", accent);
  // What a lesson is begun with and what is put into a plan is looked over on the main thread.
  lexiconIn(shippedLexicon(), accent);
  await pause();
  const [group] = await listGroups(db);
  if (!group) return;
  // A chain of the teacher's own is held against more than one that is made here.
  const words = ["ship", "shop", "chop"];
  await faultsIn(db, group.id, [
    { id: "warm-up", heldBack: false, content: { kind: "read-chain", words }, teacherMade: {} },
  ]);
  await pause();
  await proposalsFor(db, group);
  await pause();
  await checkedPlan(db, await getPlan(db, group.id));
  const request = await requestFor(db, group.id, { focus: [], contrasts: [], minutes: MINUTES, seed: 1 });
  const focus = request.taughtGpcs.slice(-1);
  await askWords("draftLesson", { ...request, focus });
}
