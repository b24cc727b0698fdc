import {
  type EvidenceWay,
  evidenceFindings,
  isPattern,
  OUTCOME_DEFINITIONS,
  type Outcome,
  type SubstitutionCount,
  type SubstitutionRow,
  substitutionTable,
} from "../../core/light.ts";
import type { EvidenceQuery } from "../../schemas/evidence.ts";
import type { LearnerId } from "../../schemas/ids.ts";
import type { Queryable } from "../db/database.ts";
import { getGroup } from "../groups/groups.ts";
import { notFound } from "../http/errors.ts";
import { countedBetween } from "./dated.ts";
import { type StandingFinding, withGotOver } from "./got-over.ts";
import {
  BY_LETTERS,
  type LearnerUnitCount,
  type OutcomeCount,
  outcomeCountsOf,
  type TotalsOf,
  unitCountsOf,
} from "./totals.ts";

/** A substitution, and how often each learner made it: the most often first. */
export interface SubstitutionByLearner extends SubstitutionCount {
  readonly by: readonly { readonly learner: string; readonly count: number }[];
}

export interface EvidenceRow extends SubstitutionRow {
  readonly substitutions: readonly SubstitutionByLearner[];
  /** Its commonest substitution is more than chance. */
  readonly pattern: boolean;
}

export interface EvidenceReport {
  readonly rows: readonly EvidenceRow[];
  /** What the records say, surest first, in this way of working. */
  readonly findings: readonly (StandingFinding & { readonly learner: string })[];
  /** Words kept back until the end of a lesson, counted apart. */
  readonly heldBack: { readonly right: number; readonly all: number };
  /** The others, right and all. */
  readonly practised: { readonly right: number; readonly all: number };
  readonly responseCount: number;
  /** Answers given by all together: counted apart. */
  readonly togetherCount: number;
  readonly lessonCount: number;
  /** How many records of this group, or of this learner, cannot be read: they are kept, and left out. */
  readonly unreadable: number;
  /** There were more answers on these days than are looked at: the newest are counted. */
  readonly isCut?: boolean;
}

/** So many sentences are read; what comes after them stands in the table. */
const MOST_FINDINGS = 12;
/** Of so many it is asked whether they were got over: those that were come last, and leave room for others. */
const LOOKED_AT = 2 * MOST_FINDINGS;

/** Who is asked about. @throws AppError "not-found" for a group or learner that does not exist or does not belong together */
export async function askedAbout(db: Queryable, query: Pick<EvidenceQuery, "groupId" | "learnerId">) {
  const group = await getGroup(db, query.groupId);
  if (query.learnerId && !group.learners.some(({ id }) => id === query.learnerId)) throw notFound("learner");
  const of: TotalsOf = { groupId: group.id, ...(query.learnerId && { learnerId: query.learnerId }) };
  return { group, of };
}

/**
 * What was read as what, for a group or one learner of it, from the totals.
 *
 * @throws AppError "not-found" for a group or learner that does not exist or does not belong together
 */
export async function evidenceReport(db: Queryable, query: EvidenceQuery): Promise<EvidenceReport> {
  const { group, of } = await askedAbout(db, query);
  const way = query.way ?? "read";
  const { units, outcomes, lessons, isCut } = await countsAskedFor(db, of, query, way);
  const both = query.position ? units.filter(({ position }) => position === query.position) : units;
  const counts = both.filter((count) => count.way === way);
  const named = new Map(group.learners.map(({ id, nickname }) => [id, nickname]));
  const bySubstitution = learnersBySubstitution(counts, named);
  const ofWay = outcomes.filter((one) => one.way === way && one.outcome !== "unreadable");
  const alone = ofWay.filter(({ outcome }) => outcome !== "together");
  const sumOf = (some: readonly OutcomeCount[]) => some.reduce((sum, { count }) => sum + count, 0);
  const sharesOf = (some: readonly OutcomeCount[]) => ({ right: sumOf(some.filter(isRight)), all: sumOf(some) });
  const findings = evidenceFindings(both)
    .filter((finding) => finding.way === way)
    .slice(0, LOOKED_AT);
  // Of some days it cannot be said: what came after them is not looked at.
  const standing = isOfAllDays(query) ? await withGotOver(db, group.id, units, findings) : findings;
  return {
    rows: substitutionTable(counts).map((row) => ({
      ...row,
      pattern: isPattern(row),
      substitutions: row.substitutions.map((one) => ({
        ...one,
        by: bySubstitution.get(keyOf(row.gpc, one.said)) ?? [],
      })),
    })),
    findings: standing
      .slice(0, MOST_FINDINGS)
      .map((finding) => ({ ...finding, learner: named.get(finding.learnerId as LearnerId) ?? "" })),
    heldBack: sharesOf(alone.filter(({ heldBack }) => heldBack)),
    practised: sharesOf(alone.filter(({ heldBack }) => !heldBack)),
    responseCount: sumOf(alone),
    togetherCount: sumOf(ofWay) - sumOf(alone),
    lessonCount: lessons,
    unreadable: sumOf(outcomes.filter(({ outcome }) => outcome === "unreadable")),
    ...(isCut && { isCut }),
  };
}

const isOfAllDays = ({ from, to }: EvidenceQuery): boolean => from === undefined && to === undefined;

/** One way of working with what it is set beside; what is heard has no letters to be set beside. */
const waysBeside = (way: EvidenceWay): readonly EvidenceWay[] => (way === "heard" ? ["heard"] : BY_LETTERS);

/** Counts of all there is, from the totals; of some days, from the records. */
async function countsAskedFor(db: Queryable, of: TotalsOf, query: EvidenceQuery, way: EvidenceWay) {
  if (isOfAllDays(query))
    return {
      units: await unitCountsOf(db, of, waysBeside(way)),
      ...(await outcomeCountsOf(db, of, way)),
      isCut: false,
    };
  const whose = { groupId: of.groupId, ...(of.learnerId && { learnerIds: [of.learnerId] }) };
  const { lessons, ...found } = await countedBetween(db, whose, query);
  return { ...found, lessons: lessons.get(way) ?? 0 };
}

const isRight = ({ outcome }: OutcomeCount): boolean =>
  outcome !== "unreadable" && OUTCOME_DEFINITIONS[outcome as Outcome].countsAs === "right";

const keyOf = (gpc: string, said: readonly string[]) => `${gpc} ${said.join("+")}`;

function learnersBySubstitution(
  counts: readonly LearnerUnitCount[],
  named: ReadonlyMap<LearnerId, string>,
): Map<string, { learner: string; count: number }[]> {
  const found = new Map<string, Map<string, number>>();
  for (const { learnerId, gpc, said, count } of counts) {
    const learner = named.get(learnerId);
    if (!said || learner === undefined) continue;
    const key = keyOf(gpc, said);
    const byLearner = found.get(key) ?? new Map<string, number>();
    found.set(key, byLearner);
    byLearner.set(learner, (byLearner.get(learner) ?? 0) + count);
  }
  return new Map(
    [...found].map(([key, byLearner]) => [
      key,
      [...byLearner]
        .map(([learner, count]) => ({ learner, count }))
        .sort((a, b) => b.count - a.count || a.learner.localeCompare(b.learner)),
    ]),
  );
}

/** What each learner of a group read or built as what. */
export async function rowsByLearner(
  db: Queryable,
  of: TotalsOf,
  way: EvidenceWay,
): Promise<ReadonlyMap<LearnerId, readonly SubstitutionRow[]>> {
  const byLearner = new Map<LearnerId, LearnerUnitCount[]>();
  for (const one of await unitCountsOf(db, of, [way])) {
    const own = byLearner.get(one.learnerId);
    if (own) own.push(one);
    else byLearner.set(one.learnerId, [one]);
  }
  return new Map([...byLearner].map(([id, counts]) => [id, substitutionTable(counts)]));
}
