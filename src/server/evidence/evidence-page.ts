import { EVIDENCE_WAYS, type EvidenceWay } from "../../core/light.ts";
import type { Queryable } from "../db/database.ts";
import { type Group, type Learner, listGroups } from "../groups/groups.ts";
import { AppError } from "../http/errors.ts";
import { type EvidenceReport, evidenceReport } from "./evidence.ts";
import { type GroupProposal, proposalsFor } from "./proposals.ts";

export interface EvidencePage {
  readonly groups: readonly Group[];
  readonly group: Group | undefined;
  readonly learner: Learner | undefined;
  readonly way: EvidenceWay;
  readonly report: EvidenceReport | undefined;
  /** What matters most of it: the best proposal that this learner, or one of the group, has a part in. */
  readonly proposal: GroupProposal | undefined;
}

/**
 * Gathers the Evidence screen. Without a group in the address the first one is taken.
 * @throws AppError "not-found" when the address names a group or learner that does not exist
 */
export async function evidencePage(
  db: Queryable,
  groupId: string | null,
  learnerId: string | null,
  wanted: string | null = null,
): Promise<EvidencePage> {
  const way = EVIDENCE_WAYS.find((one) => one === wanted) ?? "read";
  const groups = await listGroups(db);
  const group = groupId ? groups.find(({ id }) => id === groupId) : groups[0];
  if (groupId && !group) throw new AppError("not-found", "There is no such group.");
  if (!group) return { groups, group: undefined, learner: undefined, way, report: undefined, proposal: undefined };
  const learner = learnerId ? group.learners.find(({ id }) => id === learnerId) : undefined;
  if (learnerId && !learner) throw new AppError("not-found", "There is no such learner in this group.");
  const report = await evidenceReport(db, { groupId: group.id, way, ...(learner && { learnerId: learner.id }) });
  const proposals = await proposalsFor(db, group);
  const proposal = proposals.find(
    (one) =>
      one.learners[0]?.way === way && (!learner || one.learners.some(({ learnerId }) => learnerId === learner.id)),
  );
  return { groups, group, learner, way, report, proposal };
}
