import {
  type Assessment,
  type EvidenceFinding,
  evidenceFindings,
  type GroupScope,
  type UnitMastery,
} from "../../core/index.ts";
import type { GroupId, LearnerId } from "../../schemas/ids.ts";
import type { Queryable } from "../db/database.ts";
import { groupScope } from "../groups/group-scope.ts";
import { type Group, getGroup, type Learner, listGroups } from "../groups/groups.ts";
import { getSequence } from "../school/sequences.ts";
import { type LessonLine, listLessons } from "../sessions/sessions.ts";
import { assessmentOf } from "./assessment.ts";
import { withGotOver } from "./got-over.ts";
import { type GroupProposal, proposalsFor } from "./proposals.ts";
import { unitCountsOf } from "./totals.ts";

/** A learner in one line. */
export interface LearnerLine extends Pick<Assessment, "advice" | "holding"> {
  readonly learner: Learner;
  /** How many correspondences are known. */
  readonly secure: number;
  readonly working: readonly UnitMastery[];
  /** What the rule names, the surest first. */
  readonly findings: readonly EvidenceFinding[];
}

/** What is said of a group on one page, for a colleague too. */
export interface GroupSummary {
  readonly group: Group;
  readonly scope: GroupScope;
  /** Of the step it stands at. */
  readonly stepName: string;
  readonly learners: readonly LearnerLine[];
  /** What to work on next, best first. */
  readonly proposals: readonly GroupProposal[];
  /** The latest lessons, the latest first. */
  readonly lessons: readonly LessonLine[];
}

const PROPOSALS_SHOWN = 3;
const LESSONS_SHOWN = 5;
const FINDINGS_OF_ONE = 2;

/** Gathers the page of a group. @throws AppError "not-found" */
export async function groupSummary(db: Queryable, groupId: GroupId, now: Date): Promise<GroupSummary> {
  const group = await getGroup(db, groupId);
  const scope = await groupScope(db, group);
  const findings = await namedOf(db, groupId);
  const learners: LearnerLine[] = [];
  for (const learner of group.learners) {
    const of = { groupId, learnerId: learner.id, scope, way: "read" as const };
    const { units, advice, holding } = await assessmentOf(db, of, now);
    learners.push({
      ...{ learner, advice, holding },
      secure: units.filter(({ state }) => state === "secure" || state === "due").length,
      working: units.filter(({ state }) => state === "working"),
      findings: (findings.get(learner.id) ?? []).slice(0, FINDINGS_OF_ONE),
    });
  }
  return {
    ...{ group, scope, learners },
    stepName: scope.sequence.steps[group.step - 1]?.name ?? "",
    proposals: (await proposalsFor(db, group, scope)).slice(0, PROPOSALS_SHOWN),
    lessons: await listLessons(db, groupId, LESSONS_SHOWN),
  };
}

/** What the rule names and what still stands, by learner. */
async function namedOf(db: Queryable, groupId: GroupId): Promise<Map<string, EvidenceFinding[]>> {
  const counts = await unitCountsOf(db, { groupId });
  const named = evidenceFindings(counts).filter(({ isNamed }) => isNamed);
  const standing = (await withGotOver(db, groupId, counts, named)).filter((one) => !one.gotOver);
  const by = new Map<string, EvidenceFinding[]>();
  for (const finding of standing) by.set(finding.learnerId, [...(by.get(finding.learnerId) ?? []), finding]);
  return by;
}

/** A group in one line of the whole room. */
export interface RoomLine {
  readonly group: Group;
  readonly sequenceName: string;
  readonly stepName: string;
  readonly proposal: GroupProposal | undefined;
  readonly last: LessonLine | undefined;
  readonly learners: readonly {
    readonly id: LearnerId;
    readonly nickname: string;
    readonly finding: EvidenceFinding | undefined;
  }[];
}

/** Gathers the page of the whole room: every group that is not put away. */
export async function roomSummary(db: Queryable): Promise<readonly RoomLine[]> {
  const lines: RoomLine[] = [];
  for (const group of await listGroups(db)) {
    const findings = await namedOf(db, group.id);
    const sequence = await getSequence(db, group.sequenceId);
    lines.push({
      group,
      sequenceName: sequence.name,
      stepName: sequence.steps[group.step - 1]?.name ?? "",
      proposal: (await proposalsFor(db, group))[0],
      last: (await listLessons(db, group.id, 1))[0],
      learners: group.learners.map(({ id, nickname }) => ({ id, nickname, finding: findings.get(id)?.[0] })),
    });
  }
  return lines;
}
