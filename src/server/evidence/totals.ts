import { and, eq, inArray, isNull, sql } from "drizzle-orm";
import type { EvidenceWay, OralSkill, Outcome, UnitCount } from "../../core/light.ts";
import type { GroupId, LearnerId } from "../../schemas/ids.ts";
import type { Queryable } from "../db/database.ts";
import { readOnce } from "../db/read-once.ts";
import { learners, memberships } from "../db/schema.ts";
import { lessonTotals, outcomeTotals, skillTotals, unitTotals } from "../db/schema-totals.ts";
import { RIGHT } from "./counts.ts";

/** Whose totals are meant: of a group's learners, or of one of them. */
export interface TotalsOf {
  readonly groupId: GroupId;
  readonly learnerId?: LearnerId;
}

/** Records are the learner's: who has moved takes them along, who is out of sight has them out of sight. */
const ofGroup = ({ groupId, learnerId }: TotalsOf) =>
  and(
    eq(memberships.groupId, groupId),
    isNull(learners.putAwayAt),
    isNull(learners.eraseAt),
    learnerId && eq(learners.id, learnerId),
  );

/** A total with whose it is. */
export interface LearnerUnitCount extends UnitCount {
  readonly learnerId: LearnerId;
  readonly way: EvidenceWay;
  /** ISO time of the latest answer in it. */
  readonly lastAt: string;
}

/** What is done with letters. */
export const BY_LETTERS: readonly EvidenceWay[] = ["read", "built"];

/** What a group's learners read or built as what; words kept back are not among it. @param ways without it, what is done with letters */
export const unitCountsOf = (
  db: Queryable,
  of: TotalsOf,
  ways: readonly EvidenceWay[] = BY_LETTERS,
): Promise<readonly LearnerUnitCount[]> =>
  readOnce(`unit counts ${of.groupId} ${of.learnerId ?? ""} ${ways.join()}`, () => readUnitCounts(db, of, ways));

async function readUnitCounts(
  db: Queryable,
  of: TotalsOf,
  ways: readonly EvidenceWay[],
): Promise<readonly LearnerUnitCount[]> {
  const rows = await db
    .select({ total: unitTotals })
    .from(unitTotals)
    .innerJoin(learners, eq(learners.id, unitTotals.learnerId))
    .innerJoin(memberships, eq(memberships.learnerId, unitTotals.learnerId))
    .where(and(ofGroup(of), inArray(unitTotals.way, [...ways]), sql`${unitTotals.count} > 0`));
  return rows.map(({ total: { learnerId, way, gpc, position, said, count: n, lastAt } }) => ({
    learnerId,
    way,
    gpc,
    position,
    said: said === RIGHT ? undefined : said === "" ? [] : said.split("+"),
    count: n,
    lastAt: lastAt.toISOString(),
  }));
}

/** How ears-only answers came out, by what was practised. */
export interface SkillCount {
  readonly learnerId: LearnerId;
  readonly skill: OralSkill;
  readonly outcome: Outcome;
  readonly count: number;
}

/** How a group's ears-only answers came out. */
export async function skillCountsOf(db: Queryable, of: TotalsOf): Promise<readonly SkillCount[]> {
  const { learnerId, skill, outcome, count } = skillTotals;
  return db
    .select({ learnerId, skill, outcome, count })
    .from(skillTotals)
    .innerJoin(learners, eq(learners.id, learnerId))
    .innerJoin(memberships, eq(memberships.learnerId, learnerId))
    .where(and(ofGroup(of), sql`${count} > 0`));
}

/** How answers of one way of working came out in all. */
export interface OutcomeCount {
  readonly way: EvidenceWay;
  readonly heldBack: boolean;
  readonly outcome: Outcome | "unreadable";
  readonly count: number;
}

/** How a group's answers came out, and in how many lessons they were given in each way of working. */
export async function outcomeCountsOf(
  db: Queryable,
  of: TotalsOf,
  way: EvidenceWay,
): Promise<{ readonly outcomes: readonly OutcomeCount[]; readonly lessons: number }> {
  const { way: ofWay, heldBack, outcome } = outcomeTotals;
  const outcomes = await db
    .select({ way: ofWay, heldBack, outcome, count: sql<number>`sum(${outcomeTotals.count})::int` })
    .from(outcomeTotals)
    .innerJoin(learners, eq(learners.id, outcomeTotals.learnerId))
    .innerJoin(memberships, eq(memberships.learnerId, outcomeTotals.learnerId))
    .where(ofGroup(of))
    .groupBy(ofWay, heldBack, outcome);
  const { rows } = await db.execute(sql`select count(*)::int as n from (
    select distinct ${lessonTotals.sessionId} from ${lessonTotals}
    join ${learners} on ${learners.id} = ${lessonTotals.learnerId}
    join ${memberships} on ${memberships.learnerId} = ${lessonTotals.learnerId}
    where ${ofGroup(of)} and ${lessonTotals.way} = ${way} and ${lessonTotals.count} > 0) lessons`);
  return { outcomes, lessons: (rows[0]?.["n"] as number | undefined) ?? 0 };
}
