import { type Assessment, EVIDENCE_WAYS, type EvidenceWay, type MasteryRule } from "../../core/light.ts";
import type { Queryable } from "../db/database.ts";
import { groupScope } from "../groups/group-scope.ts";
import { type Group, type Learner, listGroups } from "../groups/groups.ts";
import { AppError } from "../http/errors.ts";
import { assessmentOf } from "./assessment.ts";
import { type EvidenceReport, evidenceReport } from "./evidence.ts";
import { proposalsFor } from "./proposals.ts";

export interface EvidencePage {
  readonly groups: readonly Group[];
  readonly group: Group | undefined;
  readonly learner: Learner | undefined;
  readonly way: EvidenceWay;
  readonly report: EvidenceReport | undefined;
  /** Ids of proposals: what a chain can be asked for. */
  readonly proposed: readonly string[];
  /** Where the learner stands along the order; undefined for the whole group. */
  readonly standing: LearnerAssessment | undefined;
}

/** Where a learner stands, and the rule it was asked by. */
export interface LearnerAssessment extends Assessment {
  readonly rule: MasteryRule;
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
  now: Date = new Date(),
): Promise<EvidencePage> {
  const way = EVIDENCE_WAYS.find((one) => one === wanted) ?? "read";
  const groups = await listGroups(db);
  const group = groupId ? groups.find(({ id }) => id === groupId) : groups[0];
  if (groupId && !group) throw new AppError("not-found", "There is no such group.");
  if (!group)
    return {
      groups,
      group: undefined,
      learner: undefined,
      way,
      report: undefined,
      proposed: [],
      standing: undefined,
    };
  const learner = learnerId ? group.learners.find(({ id }) => id === learnerId) : undefined;
  if (learnerId && !learner) throw new AppError("not-found", "There is no such learner in this group.");
  const report = await evidenceReport(db, { groupId: group.id, way, ...(learner && { learnerId: learner.id }) });
  const proposed = (await proposalsFor(db, group)).map(({ id }) => id);
  const standing = learner && (await masteryOf(db, { group, learner, way }, now));
  return { groups, group, learner, way, report, proposed, standing };
}

async function masteryOf(
  db: Queryable,
  { group, learner, way }: { readonly group: Group; readonly learner: Learner; readonly way: EvidenceWay },
  now: Date,
): Promise<LearnerAssessment> {
  const scope = await groupScope(db, group);
  const found = await assessmentOf(db, { groupId: group.id, learnerId: learner.id, scope, way }, now);
  return { ...found, rule: scope.school.mastery };
}
