import {
  type Assessment,
  EVIDENCE_WAYS,
  type EvidenceWay,
  type MasteryRule,
  ORAL_SKILLS,
  type OralSkill,
  OUTCOME_DEFINITIONS,
} from "../../core/light.ts";
import type { EvidenceFilter } from "../../schemas/evidence.ts";
import { groupIdField } from "../../schemas/ids.ts";
import type { Queryable } from "../db/database.ts";
import { groupScope } from "../groups/group-scope.ts";
import { type Group, type Learner, listGroups } from "../groups/groups.ts";
import { AppError } from "../http/errors.ts";
import { idInAddress } from "../http/page.ts";
import { assessmentOf } from "./assessment.ts";
import { type EvidenceReport, evidenceReport } from "./evidence.ts";
import { proposalsFor } from "./proposals.ts";
import { type SkillCount, skillCountsOf } from "./totals.ts";

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
  /** How ears-only answers came out, by what was practised; empty in other ways of working. */
  readonly skills: readonly SkillShare[];
}

interface Share {
  readonly right: number;
  readonly all: number;
}

export interface SkillShare extends Share {
  readonly skill: OralSkill;
  readonly by: readonly (Share & { readonly learner: string })[];
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
  filter: EvidenceFilter = {},
  now: Date = new Date(),
): Promise<EvidencePage> {
  const way = EVIDENCE_WAYS.find((one) => one === wanted) ?? "read";
  const groups = await listGroups(db);
  // A rehearsal is in no list, and can be looked at.
  const listed = groupId ? groups.find(({ id }) => id === groupId) : groups[0];
  const hidden = listed ? undefined : idInAddress(groupIdField, groupId);
  const rehearsal = hidden && (await listGroups(db, [hidden]))[0];
  const group = listed ?? (rehearsal?.isRehearsal ? rehearsal : undefined);
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
      skills: [],
    };
  const learner = learnerId ? group.learners.find(({ id }) => id === learnerId) : undefined;
  if (learnerId && !learner) throw new AppError("not-found", "There is no such learner in this group.");
  const report = await evidenceReport(db, {
    ...filter,
    groupId: group.id,
    way,
    ...(learner && { learnerId: learner.id }),
  });
  const proposed = (await proposalsFor(db, group)).map(({ id }) => id);
  const isHeard = way === "heard";
  // The order of teaching is one of spellings: what is only heard has no place in it.
  const standing = learner && !isHeard ? await masteryOf(db, { group, learner, way }, now) : undefined;
  const skills = isHeard ? sharesBySkill(await skillCountsOf(db, ofOne(group, learner)), group.learners) : [];
  return { groups, group, learner, way, report, proposed, standing, skills };
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

const ofOne = (group: Group, learner: Learner | undefined) => ({
  groupId: group.id,
  ...(learner && { learnerId: learner.id }),
});

/** In the order in which the skills are commonly taught; what all said together is counted nowhere. */
function sharesBySkill(counts: readonly SkillCount[], learners: readonly Learner[]): SkillShare[] {
  const shareOf = (some: readonly SkillCount[]): Share => {
    const sum = (those: readonly SkillCount[]) => those.reduce((all, { count }) => all + count, 0);
    return {
      right: sum(some.filter(({ outcome }) => OUTCOME_DEFINITIONS[outcome].countsAs === "right")),
      all: sum(some),
    };
  };
  const alone = counts.filter(({ outcome }) => OUTCOME_DEFINITIONS[outcome].countsAs !== "together");
  return ORAL_SKILLS.flatMap((skill) => {
    const own = alone.filter((one) => one.skill === skill);
    if (own.length === 0) return [];
    const by = learners.flatMap(({ id, nickname }) => {
      const some = own.filter(({ learnerId }) => learnerId === id);
      return some.length === 0 ? [] : [{ learner: nickname, ...shareOf(some) }];
    });
    return [{ skill, ...shareOf(own), by }];
  });
}
