import {
  activityOfSet,
  type CheckedActivity,
  lexiconIn,
  oralChain,
  type SetContent,
  shippedLexicon,
} from "../../core/index.ts";
import type { ChainId, SetId } from "../../schemas/ids.ts";
import { getChain, type SavedChain } from "../chains/chains.ts";
import type { Queryable } from "../db/database.ts";
import { notFound } from "../http/errors.ts";
import { getSchool } from "../school/school.ts";
import { getSet } from "../sets/word-sets.ts";
import type { PlanActivity } from "./lesson-types.ts";

/** What an activity is done with, and by which rules it is looked over. */
export type Material = Pick<CheckedActivity, "content" | "teacherMade">;

/** What an activity of a plan is done with: its own content, or the chain or set it names. @throws AppError "not-found" */
export async function materialOf(db: Queryable, { content, kind, ref }: PlanActivity): Promise<Material> {
  if (content) return { content };
  if (ref === undefined) throw notFound("chain or set of this activity");
  if (kind === "chain") return materialOfChain(db, await getChain(db, ref as ChainId));
  return materialOfSet((await getSet(db, ref as SetId)).content);
}

/** A saved chain: to be read, or, where it was made for the ears, to be heard. */
export async function materialOfChain(db: Queryable, { words, shape }: SavedChain): Promise<Material> {
  const moves = shape?.moves;
  if (shape?.mode !== "ears-only")
    return { content: { kind: "read-chain", words }, teacherMade: { ...(moves && { moves }) } };
  const { accent } = await getSchool(db);
  const parts = oralChain(words, lexiconIn(shippedLexicon(), accent));
  return { content: { kind: "ears-only", parts }, teacherMade: { ...(moves && { moves }), byEar: words } };
}

/** A saved set as something that is gone through. */
export const materialOfSet = (content: SetContent): Material => ({ content: activityOfSet(content), teacherMade: {} });
