import { inArray } from "drizzle-orm";
import {
  type Assessment,
  assess,
  dayIn,
  type EvidenceWay,
  type GroupScope,
  MODES,
  OUTCOME_DEFINITIONS,
  RESPONSE_MODES,
  taughtGpcs,
  type UnitAnswer,
  unitCounts,
} from "../../core/index.ts";
import type { GroupId, LearnerId } from "../../schemas/ids.ts";
import type { Queryable } from "../db/database.ts";
import { responses } from "../db/schema.ts";
import { getTimeZone } from "../school/installation.ts";
import { type EvidenceResponse, newestOf, readRecords } from "./read-records.ts";
import { countedOf } from "./what-counts.ts";

/** So many of a learner's newest answers decide where they stand: it costs the same however many there are. */
const LOOKED_AT = 600;

interface AssessmentOf {
  readonly groupId: GroupId;
  readonly learnerId: LearnerId;
  readonly scope: GroupScope;
  readonly way: EvidenceWay;
}

/** Where a learner stands with everything that their group has been taught, in one way of working. */
export async function assessmentOf(
  db: Queryable,
  { groupId, learnerId, scope, way }: AssessmentOf,
  now: Date,
): Promise<Assessment> {
  const modes = RESPONSE_MODES.filter((mode) => MODES[mode].countedAs === way);
  const of = { groupId, learnerIds: [learnerId], which: inArray(responses.mode, modes) };
  const ids = (await newestOf(db, of, undefined, LOOKED_AT)).map(({ id }) => id);
  const records = ids.length === 0 ? [] : await readRecords(db, { groupId, which: inArray(responses.id, ids) });
  const timeZone = await getTimeZone(db);
  return assess(
    (await countedOf(db, records, scope.school.counting)).flatMap((record) => answersIn(record, timeZone)),
    [...taughtGpcs(scope)].reverse(),
    scope.school.mastery,
    dayIn(now, timeZone),
  );
}

/** What a response says of each correspondence of its word; nothing where all answered together. */
export function answersIn(response: EvidenceResponse, timeZone: string): UnitAnswer[] {
  const { word, sessionId, at } = response;
  if (OUTCOME_DEFINITIONS[response.answer.outcome].countsAs === "together") return [];
  const day = dayIn(at, timeZone);
  return unitCounts(response).map(({ gpc, said }) => ({
    ...{ gpc, word, at, day },
    sitting: sessionId,
    right: said === undefined,
  }));
}
