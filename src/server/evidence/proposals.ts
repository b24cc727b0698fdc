import { and, eq } from "drizzle-orm";
import {
  type FocusProposal,
  type GroupScope,
  type LearnerShare,
  lexiconIn,
  proposeFocus,
  shippedLexicon,
  taughtOf,
} from "../../core/index.ts";
import type { GroupId } from "../../schemas/ids.ts";
import type { Queryable } from "../db/database.ts";
import { putOff } from "../db/schema.ts";
import { groupScope } from "../groups/group-scope.ts";
import { type Group, getGroup } from "../groups/groups.ts";
import { gotOverOf } from "./got-over.ts";
import { unitCountsOf } from "./totals.ts";

/** A proposal with the nicknames of those it is for. */
export interface GroupProposal extends Omit<FocusProposal, "learners"> {
  readonly learners: readonly (LearnerShare & { readonly nickname: string })[];
}

/** Of so many proposals it is asked whether they were got over: more are never shown together. */
const LOOKED_AT = 8;

/** What a group is to work on next, best first; what was put off and what was got over is left out. */
export async function proposalsFor(db: Queryable, group: Group, given?: GroupScope): Promise<readonly GroupProposal[]> {
  const scope = given ?? (await groupScope(db, group));
  const rows = await db.select({ id: putOff.focusId }).from(putOff).where(eq(putOff.groupId, group.id));
  const taught = taughtOf(scope);
  const lexicon = lexiconIn(shippedLexicon(), taught.accent);
  const counts = await unitCountsOf(db, { groupId: group.id });
  const propose = (some: typeof counts) =>
    proposeFocus(some, taught, scope.sequence, group.step, { putOff: rows.map(({ id }) => id) }, lexicon);
  const first = propose(counts);
  const made = first
    .slice(0, LOOKED_AT)
    .flatMap(({ gpc, said, learners }) =>
      learners.filter(({ isNamed }) => isNamed).map(({ learnerId, way }) => ({ learnerId, way, gpc, said })),
    );
  const over = await gotOverOf(db, group.id, counts, made);
  const found = made.some(over)
    ? propose(counts.filter(({ said, ...one }) => said === undefined || !over({ ...one, said })))
    : first;
  const named = new Map<string, string>(group.learners.map(({ id, nickname }) => [id, nickname]));
  return found.map((proposal) => ({
    ...proposal,
    learners: proposal.learners.map((share) => ({ ...share, nickname: named.get(share.learnerId) ?? "" })),
  }));
}

/** Puts a proposal off for a group: it is not proposed again. @throws AppError "not-found" */
export async function putProposalOff(db: Queryable, groupId: GroupId, focusId: string): Promise<void> {
  await getGroup(db, groupId);
  await db.insert(putOff).values({ groupId, focusId }).onConflictDoNothing();
}

/** Takes it back. @throws AppError "not-found" */
export async function takeUpProposal(db: Queryable, groupId: GroupId, focusId: string): Promise<void> {
  await getGroup(db, groupId);
  await db.delete(putOff).where(and(eq(putOff.groupId, groupId), eq(putOff.focusId, focusId)));
}
