import { and, desc, eq, gt, inArray, isNull, sql } from "drizzle-orm";
import {
  type ChanceCount,
  changeOverTime,
  dayIn,
  type JudgedResponse,
  type LessonPoint,
  MODES,
  OUTCOME_DEFINITIONS,
  RESPONSE_MODES,
  shippedLexicon,
  type UnitCount,
  unitCounts,
  type WiderFinding,
  widerFindings,
  writeReading,
} from "../../core/index.ts";
import type { ChangeQuery } from "../../schemas/evidence.ts";
import type { Queryable } from "../db/database.ts";
import { learners, memberships, responses, sessions } from "../db/schema.ts";
import { lessonTotals } from "../db/schema-totals.ts";
import { getTimeZone } from "../school/installation.ts";
import { aroundDays, isWithin } from "./dated.ts";
import { targetOf } from "./read-records.ts";
import { unitCountsOf } from "./totals.ts";

/** The newest lessons are looked at, so many: a term of a group, and a look that stays as long as it is. */
const MOST_LESSONS = 40;

/** How the share right has changed from lesson to lesson. */
export interface Change {
  /** The oldest first. */
  readonly points: readonly (LessonPoint & { readonly title: string })[];
  /** Correspondences that were met often enough to be looked at by themselves, the one met most first. */
  readonly gpcs: readonly string[];
  /** Of a learner: what is harder beyond single sounds. */
  readonly wider: readonly WiderFinding[];
}

/** Met less often, a correspondence has no line. */
const LEAST_CHANCES = 8;

/** Gathers a group's change over time, or a learner's; of all sounds together, or of one. @throws AppError "not-found" */
export async function changeOf(db: Queryable, query: ChangeQuery): Promise<Change> {
  const { groupId, learnerId, way = "read", gpc } = query;
  const answers = await answersAlike(db, query);
  const titles = new Map<string, string>(answers.map(({ sessionId, title }) => [sessionId, title]));
  const counts = answers.flatMap(({ sessionId, day, judged, count }) =>
    unitCounts(judged).map((unit) => ({ sessionId, day, gpc: unit.gpc, ...chance(unit, count) })),
  );
  const met = tallied(counts.map((one) => [one.gpc, one]));
  // How hard a sound is, is asked of the whole group: one learner's own trouble is not the sound's.
  const difficulty = tallied(
    (await unitCountsOf(db, { groupId }, [way])).map((unit) => [unit.gpc, chance(unit)] as const),
  );
  const some = gpc === undefined ? counts : counts.filter((one) => one.gpc === gpc);
  const against = gpc === undefined ? difficulty : new Map([[gpc, met.get(gpc) ?? NONE]]);
  return {
    points: changeOverTime(some, against).map((point) => ({ ...point, title: titles.get(point.sessionId) ?? "" })),
    gpcs: [...met]
      .filter(([, { chances }]) => chances >= LEAST_CHANCES)
      .sort(([, a], [, b]) => b.chances - a.chances)
      .map(([id]) => id),
    wider: learnerId ? widerFindings(answers.flatMap(asOftenAsGiven), way) : [],
  };
}

/** Answers of one lesson that are the same in everything: most of them are, and are read once. */
interface AnswersAlike {
  readonly sessionId: string;
  readonly title: string;
  readonly word: string;
  /** ISO date where the school is. */
  readonly day: string;
  readonly judged: JudgedResponse;
  readonly count: number;
}

/** The newest answers of a group or a learner on the days asked for; what all said together is nobody's. */
async function answersAlike(db: Queryable, query: ChangeQuery): Promise<AnswersAlike[]> {
  const { groupId, learnerId, way = "read" } = query;
  const modes = RESPONSE_MODES.filter((mode) => MODES[mode].countedAs === way);
  const isOfThem = and(
    eq(memberships.groupId, groupId),
    isNull(learners.putAwayAt),
    isNull(learners.eraseAt),
    learnerId && eq(learners.id, learnerId),
  );
  // Lessons wherever they were taught: records are the learner's. Each is taken once before its day is looked up: thirty
  // learners have been in it.
  const met = db
    .selectDistinct({ id: lessonTotals.sessionId })
    .from(lessonTotals)
    .innerJoin(learners, eq(learners.id, lessonTotals.learnerId))
    .innerJoin(memberships, eq(memberships.learnerId, learners.id))
    .where(and(isOfThem, eq(lessonTotals.way, way), gt(lessonTotals.count, 0)))
    .as("met");
  const lessons = await db
    .select({ id: sessions.id })
    .from(met)
    .innerJoin(sessions, eq(sessions.id, met.id))
    .where(aroundDays(query, sessions.startedAt))
    .orderBy(desc(sessions.startedAt))
    .limit(MOST_LESSONS);
  if (lessons.length === 0) return [];
  const timeZone = await getTimeZone(db);
  const { sessionId, word, target, mode, answer, verdict } = responses;
  const rows = await db
    .select({
      ...{ sessionId, word, target, mode, answer, verdict },
      title: sessions.title,
      at: sql<string>`min(${responses.at})::text`,
      count: sql<number>`count(*)::int`,
    })
    .from(responses)
    .innerJoin(sessions, eq(sessions.id, sessionId))
    .innerJoin(learners, eq(learners.id, responses.learnerId))
    .innerJoin(memberships, eq(memberships.learnerId, learners.id))
    .where(
      and(
        inArray(
          sessionId,
          lessons.map(({ id }) => id),
        ),
        isOfThem,
        eq(responses.standing, true),
        eq(responses.heldBack, false),
        inArray(mode, modes),
      ),
    )
    .groupBy(sessionId, word, target, mode, answer, verdict, sessions.title);
  return rows.flatMap((row): AnswersAlike[] => {
    const at = new Date(row.at).toISOString();
    const reading = targetOf(row);
    if (!reading || !isWithin(at, query, timeZone)) return [];
    if (OUTCOME_DEFINITIONS[row.answer.outcome].countsAs === "together") return [];
    const judged = { target: reading, verdict: row.verdict };
    return [
      {
        sessionId: row.sessionId,
        title: row.title,
        word: row.word,
        day: dayIn(at, timeZone),
        judged,
        count: row.count,
      },
    ];
  });
}

/** An answer as often as it was given, with where an ending meets its base: the list knows it, a stored reading does not. */
function asOftenAsGiven({ word, judged: { target, verdict }, count }: AnswersAlike): JudgedResponse[] {
  const asStored = writeReading(target);
  const joints = shippedLexicon()
    .get(word)
    ?.readings.find((reading) => writeReading(reading) === asStored)?.joints;
  return Array.from({ length: count }, () => ({ target: joints ? { ...target, joints } : target, verdict }));
}

const NONE: ChanceCount = { chances: 0, wrong: 0 };
/** @param times how many answers said so */
const chance = ({ said, count }: Pick<UnitCount, "said" | "count">, times = 1): ChanceCount => ({
  chances: count * times,
  wrong: said === undefined ? 0 : count * times,
});

function tallied(counts: readonly (readonly [gpc: string, count: ChanceCount])[]): Map<string, ChanceCount> {
  const by = new Map<string, ChanceCount>();
  for (const [gpc, more] of counts) {
    const known = by.get(gpc) ?? NONE;
    by.set(gpc, { chances: known.chances + more.chances, wrong: known.wrong + more.wrong });
  }
  return by;
}
