import { draftLesson, graphOf, lexiconIn, screensInSteps, shippedLexicon } from "../../core/index.ts";
import type { Queryable } from "../db/database.ts";
import { listGroups } from "../groups/groups.ts";
import { getSchool } from "../school/school.ts";
import { requestFor } from "./lesson-draft.ts";

/** Lets those be answered who asked meanwhile. */
const breathe = () => new Promise<void>((resolve) => setTimeout(resolve, 5));

const MINUTES = 30;

/**
 * Makes ready what the first lesson drafted after a start would have to wait for: the word list, its graph, what
 * nonsense words are held against, and a lesson drafted for nobody to see. Nothing is stored.
 */
export async function warmUp(db: Queryable): Promise<void> {
  const { accent } = await getSchool(db);
  const lexicon = lexiconIn(shippedLexicon(), accent);
  await breathe();
  graphOf(lexicon);
  await breathe();
  for (const _ of screensInSteps(lexicon)) await breathe();
  const [group] = await listGroups(db);
  if (!group) return;
  const request = await requestFor(db, group.id, { focus: [], contrasts: [], minutes: MINUTES, seed: 1 });
  await breathe();
  const focus = request.taughtGpcs.slice(-1);
  draftLesson({ ...request, focus });
}
