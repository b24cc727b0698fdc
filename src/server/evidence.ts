import { z } from "zod";
import { type ConfusionRow, confusionTable, isPattern } from "../core/light.ts";
import type { Queryable } from "./db/database.ts";
import { notFound } from "./errors.ts";
import { idField } from "./fields.ts";
import { getGroup } from "./groups.ts";
import { type EvidenceResponse, evidenceResponses } from "./responses.ts";

export const evidenceQuery = z.object({ group: idField, learner: idField.optional() });

/** One opened response, small enough to send by the thousand. */
export interface OpenedResponse {
  readonly id: string;
  readonly learner: string;
  readonly sessionTitle: string;
  readonly word: string;
  readonly graphemes: readonly string[];
  readonly phonemes: readonly (readonly string[])[];
  readonly outcome: string;
  readonly said: readonly { readonly unit: number; readonly said: readonly string[] }[];
  readonly at: string;
}

export interface EvidenceReport {
  readonly rows: readonly (ConfusionRow & { readonly pattern: boolean })[];
  /** Every response behind the rows, by id. */
  readonly responses: Readonly<Record<string, OpenedResponse>>;
  readonly responseCount: number;
  readonly lessonCount: number;
}

const opened = (response: EvidenceResponse): OpenedResponse => ({
  id: response.id,
  learner: response.learner,
  sessionTitle: response.sessionTitle,
  word: response.word,
  graphemes: response.target.units.map((unit) => unit.grapheme),
  phonemes: response.target.units.map((unit) => unit.phonemes),
  outcome: response.answer.outcome,
  said: response.answer.substitutions,
  at: response.at,
});

/**
 * What was read as what, for a group or one learner of it, always counted from the responses: nothing
 * derived is stored.
 *
 * @throws AppError "not-found" for a group or learner that does not exist or does not belong together
 */
export async function evidenceReport(db: Queryable, query: z.infer<typeof evidenceQuery>): Promise<EvidenceReport> {
  const group = await getGroup(db, query.group);
  if (query.learner && !group.learners.some(({ id }) => id === query.learner)) throw notFound("learner");
  const found = await evidenceResponses(db, {
    groupId: group.id,
    ...(query.learner && { learnerIds: [query.learner] }),
  });
  const table = confusionTable(found.map((r) => ({ responseId: r.id, target: r.target, verdict: r.verdict })));
  return {
    rows: table.map((row) => ({ ...row, pattern: isPattern(row) })),
    responses: Object.fromEntries(found.map((response) => [response.id, opened(response)])),
    responseCount: found.length,
    lessonCount: new Set(found.map((response) => response.sessionId)).size,
  };
}
