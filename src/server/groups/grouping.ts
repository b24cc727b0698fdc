import { evidenceFindings, type LearnerToGroup, proposeGroups, taughtGpcs } from "../../core/index.ts";
import type { GroupingInput } from "../../schemas/grouping.ts";
import type { GroupId, LearnerId } from "../../schemas/ids.ts";
import type { Queryable } from "../db/database.ts";
import { withGotOver } from "../evidence/got-over.ts";
import { unitCountsOf } from "../evidence/totals.ts";
import { AppError } from "../http/errors.ts";
import { groupScope } from "./group-scope.ts";
import { createGroup, type Group, listGroups } from "./groups.ts";
import { changeLearner } from "./learners.ts";

/** Everybody as they are grouped by, and groups that are proposed. */
export interface GroupingPage {
  readonly groups: readonly Group[];
  readonly learners: readonly (LearnerToGroup & { readonly nickname: string })[];
  /** Learners' ids, in groups. */
  readonly proposed: readonly (readonly string[])[];
}

/** Gathers the screen. Made-up learners are looked at by themselves, and only where there are no others. */
export async function groupingPage(db: Queryable): Promise<GroupingPage> {
  const all = await listGroups(db);
  const real = all.filter(({ isDemo }) => !isDemo);
  const groups = real.length > 0 ? real : all;
  const learners: GroupingPage["learners"][number][] = [];
  for (const group of groups) {
    const place = taughtGpcs(await groupScope(db, group)).length;
    const counts = await unitCountsOf(db, { groupId: group.id }, ["read"]);
    const marked = await withGotOver(db, group.id, counts, evidenceFindings(counts));
    const findings = marked.filter((one) => !one.gotOver);
    for (const { id, nickname } of group.learners) {
      const needs = findings
        .filter(({ learnerId }) => learnerId === id)
        .map(({ gpc, said, times, chances }) => ({ gpc, said, share: times / chances }));
      learners.push({ id, nickname, groupId: group.id, place, needs });
    }
  }
  return { groups, learners, proposed: proposeGroups(learners) };
}

/**
 * Makes the groups as they are to be: learners move with their records; a group that loses everybody stays, with its
 * lessons.
 *
 * @throws AppError "not-found" (a group or a learner), "invalid" (a step that the order does not have, a full group)
 */
export async function regroup(db: Queryable, { groups }: GroupingInput, now: Date): Promise<readonly Group[]> {
  const before = await listGroups(db);
  // Made-up learners stay in the demo, in a new group of it too.
  const isOfDemo = (learnerId: string | undefined) =>
    before.find(({ learners }) => learners.some(({ id }) => id === learnerId))?.isDemo ?? false;
  const made: GroupId[] = [];
  for (const part of groups) {
    const id =
      "groupId" in part
        ? part.groupId
        : (await createGroup(db, { ...part, learners: [] }, isOfDemo(part.learnerIds[0]))).id;
    made.push(id);
    for (const learnerId of part.learnerIds) await changeLearner(db, learnerId as LearnerId, { groupId: id }, now);
  }
  const found = await listGroups(db, made);
  if (found.length < made.length) throw new AppError("not-found", "One of the groups is there no more.");
  return found;
}
