import {
  type EvidenceWay,
  isPattern,
  MODES,
  OUTCOME_DEFINITIONS,
  type Outcome,
  type SubstitutionRow,
  substitutionTable,
} from "../../core/light.ts";
import type { EvidenceQuery } from "../../schemas/evidence.ts";
import type { Queryable } from "../db/database.ts";
import { getGroup } from "../groups/groups.ts";
import { notFound } from "../http/errors.ts";
import { type EvidenceResponse, readRecords } from "./responses.ts";

/** One opened response, small enough to send by the thousand. */
export interface OpenedResponse {
  readonly id: string;
  readonly learner: string;
  readonly sessionTitle: string;
  readonly word: string;
  readonly graphemes: readonly string[];
  readonly phonemes: readonly (readonly string[])[];
  readonly outcome: Outcome;
  readonly said: readonly { readonly unit: number; readonly said: readonly string[] }[];
  /** What was built, attempt by attempt. */
  readonly built?: readonly (readonly string[])[];
  /** What was said or written, as the teacher typed it. */
  readonly typed?: string;
  readonly at: string;
}

export interface EvidenceReport {
  readonly rows: readonly (SubstitutionRow & { readonly pattern: boolean })[];
  /** Every response behind the rows, by id. */
  readonly responses: Readonly<Record<string, OpenedResponse>>;
  /** Words kept back until the end of a lesson, counted apart: ids. */
  readonly heldBack: { readonly right: readonly string[]; readonly all: readonly string[] };
  /** The others, right and all. */
  readonly practised: { readonly right: number; readonly all: number };
  readonly responseCount: number;
  /** Answers given by all together: counted apart. */
  readonly togetherCount: number;
  readonly lessonCount: number;
  /** How many records of this group, or of this learner, cannot be read: they are kept, and left out. */
  readonly unreadable: number;
}

const opened = (response: EvidenceResponse): OpenedResponse => ({
  id: response.id,
  learner: response.learner,
  sessionTitle: response.sessionTitle,
  word: response.word,
  graphemes: response.target.units.map((unit) => unit.grapheme),
  phonemes: response.target.units.map((unit) => unit.phonemes),
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

/**
 * What was read as what, for a group or one learner of it, always counted from the responses: nothing
 * derived is stored.
 *
 * @throws AppError "not-found" for a group or learner that does not exist or does not belong together
 */
export async function evidenceReport(db: Queryable, query: EvidenceQuery): Promise<EvidenceReport> {
  const group = await getGroup(db, query.groupId);
  if (query.learnerId && !group.learners.some(({ id }) => id === query.learnerId)) throw notFound("learner");
  const way = query.way ?? "read";
  const of = { groupId: group.id, ...(query.learnerId && { learnerIds: [query.learnerId] }) };
  const { responses, unreadable } = await readRecords(db, of);
  const inThisWay = responses.filter(({ mode }) => MODES[mode].countedAs === way);
  const found = inThisWay.filter((response) => !isTogether(response));
  const practised = found.filter(({ heldBack }) => !heldBack);
  const heldBack = found.filter(({ heldBack }) => heldBack);
  return {
    rows: tableOf(found, way).map((row) => ({ ...row, pattern: isPattern(row) })),
    responses: Object.fromEntries(found.map((response) => [response.id, opened(response)])),
    heldBack: { right: heldBack.filter(isRight).map(({ id }) => id), all: heldBack.map(({ id }) => id) },
    practised: { right: practised.filter(isRight).length, all: practised.length },
    responseCount: found.length,
    togetherCount: inThisWay.length - found.length,
    lessonCount: new Set(found.map((response) => response.sessionId)).size,
    unreadable,
  };
}

/** What was taken for what in some records, in one way of working; words kept back are counted apart. */
export function tableOf(records: readonly EvidenceResponse[], way: EvidenceWay): SubstitutionRow[] {
  const counted = records.filter(({ mode, heldBack }) => MODES[mode].countedAs === way && !heldBack);
  return substitutionTable(counted.map(({ id, target, verdict }) => ({ responseId: id, target, verdict })));
}

/** Said by all at once: it tells nothing of one learner. */
const isTogether = ({ answer }: EvidenceResponse): boolean =>
  OUTCOME_DEFINITIONS[answer.outcome].countsAs === "together";
const isRight = ({ answer }: EvidenceResponse): boolean => OUTCOME_DEFINITIONS[answer.outcome].countsAs === "right";
