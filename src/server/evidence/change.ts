import { and, inArray } from "drizzle-orm";
import {
  type ChanceCount,
  changeOverTime,
  dayIn,
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
import { responses } from "../db/schema.ts";
import { getTimeZone } from "../school/installation.ts";
import { aroundDays, isWithin } from "./dated.ts";
import { type EvidenceResponse, newestOf, readRecords } from "./read-records.ts";
import { unitCountsOf } from "./totals.ts";

/** The newest answers are looked at, so many: a term of a group, and a look that stays as long as it is. */
const MOST = 6_000;

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
  const modes = RESPONSE_MODES.filter((mode) => MODES[mode].countedAs === way);
  const of = { groupId, ...(learnerId && { learnerIds: [learnerId] }) };
  const which = and(inArray(responses.mode, modes), aroundDays(query));
  const ids = (await newestOf(db, { ...of, which }, undefined, MOST)).map(({ id }) => id);
  const timeZone = await getTimeZone(db);
  const read = ids.length === 0 ? [] : await readRecords(db, { ...of, which: inArray(responses.id, ids) });
  const own = read.filter(
    ({ at, heldBack, answer }) =>
      !heldBack &&
      isWithin(at, query, timeZone) &&
      // What all said together is nobody's answer.
      OUTCOME_DEFINITIONS[answer.outcome].countsAs !== "together",
  );
  const titles = new Map<string, string>(own.map(({ sessionId, sessionTitle }) => [sessionId, sessionTitle]));
  const counts = own.flatMap((response) =>
    unitCounts(response).map((unit) => ({
      ...{ sessionId: response.sessionId, day: dayIn(response.at, timeZone), gpc: unit.gpc },
      ...chance(unit),
    })),
  );
  // How hard a sound is, is asked of the whole group: one learner's own trouble is not the sound's.
  const difficulty = tallied(await unitCountsOf(db, { groupId }, [way]));
  const met = tallied(own.flatMap(unitCounts));
  const some = gpc === undefined ? counts : counts.filter((one) => one.gpc === gpc);
  const against = gpc === undefined ? difficulty : new Map([[gpc, met.get(gpc) ?? NONE]]);
  return {
    points: changeOverTime(some, against).map((point) => ({ ...point, title: titles.get(point.sessionId) ?? "" })),
    gpcs: [...met]
      .filter(([, { chances }]) => chances >= LEAST_CHANCES)
      .sort(([, a], [, b]) => b.chances - a.chances)
      .map(([id]) => id),
    wider: learnerId ? widerFindings(own.map(withJoints), way) : [],
  };
}

/** With where an ending meets its base: the list knows it, a stored reading does not. */
function withJoints(response: EvidenceResponse): EvidenceResponse {
  const { word, target } = response;
  const asStored = writeReading(target);
  const joints = shippedLexicon()
    .get(word)
    ?.readings.find((reading) => writeReading(reading) === asStored)?.joints;
  return joints ? { ...response, target: { ...target, joints } } : response;
}

const NONE: ChanceCount = { chances: 0, wrong: 0 };
const chance = ({ said, count }: Pick<UnitCount, "said" | "count">): ChanceCount => ({
  chances: count,
  wrong: said === undefined ? 0 : count,
});

function tallied(counts: readonly UnitCount[]): Map<string, ChanceCount> {
  const by = new Map<string, ChanceCount>();
  for (const unit of counts) {
    const [known, more] = [by.get(unit.gpc) ?? NONE, chance(unit)];
    by.set(unit.gpc, { chances: known.chances + more.chances, wrong: known.wrong + more.wrong });
  }
  return by;
}
