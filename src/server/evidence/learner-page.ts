import { type EvidenceFinding, evidenceFindings, homeWords, taughtOf, type UnitMastery } from "../../core/index.ts";
import type { GroupId, LearnerId } from "../../schemas/ids.ts";
import type { Queryable } from "../db/database.ts";
import { groupScope } from "../groups/group-scope.ts";
import { type Group, getGroup, type Learner } from "../groups/groups.ts";
import { notFound } from "../http/errors.ts";
import { assessmentOf } from "./assessment.ts";
import { type StandingFinding, withGotOver } from "./got-over.ts";
import { unitCountsOf } from "./totals.ts";

/** What is said of a learner on one page, for the family or for a colleague. */
export interface LearnerPage {
  readonly group: Group;
  readonly learner: Learner;
  readonly sequenceName: string;
  readonly secure: readonly UnitMastery[];
  readonly working: readonly UnitMastery[];
  /** What the rule names, the surest first. */
  readonly findings: readonly EvidenceFinding[];
  /** What it named, and what has been got over since. */
  readonly gotOver: readonly StandingFinding[];
  /** Decodable words to practise at home. */
  readonly words: readonly string[];
}

const WORDS = 10;
const MOST_FINDINGS = 4;

/** Gathers the page. @throws AppError "not-found" where there is no such group, or no such learner in it */
export async function learnerPage(
  db: Queryable,
  groupId: GroupId,
  learnerId: LearnerId,
  now: Date,
): Promise<LearnerPage> {
  const group = await getGroup(db, groupId);
  const learner = group.learners.find(({ id }) => id === learnerId);
  if (!learner) throw notFound("learner");
  const scope = await groupScope(db, group);
  const { units } = await assessmentOf(db, { groupId, learnerId, scope, way: "read" }, now);
  const counts = await unitCountsOf(db, { groupId, learnerId });
  const named = evidenceFindings(counts).filter(({ isNamed }) => isNamed);
  const all = await withGotOver(db, groupId, counts, named);
  const findings = all.filter((one) => !one.gotOver).slice(0, MOST_FINDINGS);
  const working = units.filter(({ state }) => state === "working");
  // What is mixed up first, then what was taught last and is not known yet.
  const gpcs = [...new Set([...findings.map(({ gpc }) => gpc), ...[...working].reverse().map(({ gpc }) => gpc)])];
  const { never, allowLists } = scope.school;
  return {
    group,
    learner,
    sequenceName: scope.sequence.name,
    secure: units.filter(({ state }) => state === "secure" || state === "due"),
    working,
    findings,
    gotOver: all.filter((one) => one.gotOver),
    words: homeWords({ taught: taughtOf(scope), gpcs: gpcs.slice(0, 6), never, allowLists, count: WORDS, seed: 1 }),
  };
}
