import { and, inArray, sql } from "drizzle-orm";
import {
  type EvidenceWay,
  MODES,
  OUTCOME_DEFINITIONS,
  type Outcome,
  partsOfGpcId,
  RESPONSE_MODES,
  unitCounts,
} from "../../core/light.ts";
import type { OpenedQuery } from "../../schemas/evidence.ts";
import type { Queryable } from "../db/database.ts";
import { responses } from "../db/schema.ts";
import { getTimeZone } from "../school/installation.ts";
import { getSchool } from "../school/school.ts";
import { aroundDays, isWithin } from "./dated.ts";
import { askedAbout } from "./evidence.ts";
import { type EvidenceResponse, type Moment, newestOf, type RecordsOf, readRecords } from "./read-records.ts";
import { countedOf } from "./what-counts.ts";

/** One opened response. */
export interface OpenedResponse {
  readonly id: string;
  readonly learner: string;
  readonly word: string;
  readonly graphemes: readonly string[];
  readonly outcome: Outcome;
  readonly said: readonly { readonly unit: number; readonly said: readonly string[] }[];
  /** What was built, attempt by attempt. */
  readonly built?: readonly (readonly string[])[];
  /** What was said or written, as the teacher typed it. */
  readonly typed?: string;
  readonly at: string;
}

export interface OpenedResponses {
  /** The newest first. */
  readonly responses: readonly OpenedResponse[];
  /** There are more, older ones. */
  readonly more: boolean;
}

const opened = (response: EvidenceResponse): OpenedResponse => ({
  id: response.id,
  learner: response.learner,
  word: response.word,
  graphemes: response.target.units.map((unit) => unit.grapheme),
  outcome: response.answer.outcome,
  said:
    response.answer.built === undefined && response.answer.typed === undefined
      ? response.answer.substitutions
      : response.verdict.units.flatMap(({ result, said }, unit) =>
          result === "substitution" || result === "omission" ? [{ unit, said }] : [],
        ),
  ...(response.answer.built && { built: response.answer.built }),
  ...(response.answer.typed !== undefined && { typed: response.answer.typed }),
  at: response.at,
});

/** Responses shown at most. */
const MOST_SHOWN = 100;
/** Responses looked at in one go: more than one figure's newest are seldom spread over. */
const LOOKED_AT = 400;

const modesOf = (way: EvidenceWay) => RESPONSE_MODES.filter((mode) => MODES[mode].countedAs === way);

/**
 * The responses behind a figure of Evidence, the newest first: the newest answers are looked through until there are
 * enough, so that it costs the same however many there are.
 *
 * @throws AppError "not-found" for a group or learner that does not exist or does not belong together
 */
export async function openedResponses(db: Queryable, query: OpenedQuery): Promise<OpenedResponses> {
  const { group, of } = await askedAbout(db, query);
  const { gpc } = query;
  const records: RecordsOf = {
    groupId: group.id,
    ...(of.learnerId && { learnerIds: [of.learnerId] }),
    which: and(
      inArray(responses.mode, modesOf(query.way ?? "read")),
      query.wrong ? sql`${responses.answer} ->> 'outcome' <> 'right'` : undefined,
      sql`${responses.heldBack} = ${query.heldBack ?? false}`,
      gpc === undefined ? undefined : mayHold(partsOfGpcId(gpc).grapheme),
      query.sound === undefined ? undefined : mayHold(query.sound),
      aroundDays(query),
    ),
  };
  const timeZone = await getTimeZone(db);
  const { counting } = await getSchool(db);
  const found: OpenedResponse[] = [];
  for (let before: Moment | undefined; ; ) {
    const moments = await newestOf(db, records, before, LOOKED_AT);
    before = moments.at(-1);
    const ids = moments.map(({ id }) => id);
    const some =
      ids.length === 0 ? [] : await readRecords(db, { groupId: group.id, which: inArray(responses.id, ids) });
    // What is kept back is counted apart, all of it.
    const counted = query.heldBack ? some : await countedOf(db, some, counting);
    for (const one of [...counted].reverse())
      if (isWithin(one.at, query, timeZone) && isBehind(one, query)) found.push(opened(one));
    if (found.length > MOST_SHOWN || moments.length < LOOKED_AT)
      return { responses: found.slice(0, MOST_SHOWN), more: found.length > MOST_SHOWN };
  }
}

/** A first look, by the letters or sounds of what was asked for, as they are written in what a response asked for. */
const mayHold = (written: string) => sql`strpos(${responses.target}, ${written}) > 0`;

/** Is it one of those that a figure counts? */
function isBehind(response: EvidenceResponse, { gpc, sound, said, position, wrong, heldBack }: OpenedQuery): boolean {
  if (OUTCOME_DEFINITIONS[response.answer.outcome].countsAs === "together") return false;
  if (gpc === undefined && sound === undefined) return heldBack === true;
  return unitCounts(response).some(
    (unit) =>
      (gpc === undefined || unit.gpc === gpc) &&
      (sound === undefined || partsOfGpcId(unit.gpc).phonemes.join("+") === sound) &&
      (position === undefined || unit.position === position) &&
      (!wrong || unit.said !== undefined) &&
      (said === undefined || unit.said?.join("+") === said),
  );
}
