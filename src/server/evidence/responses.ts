import { and, asc, eq, inArray, isNull, sql } from "drizzle-orm";
import { alias } from "drizzle-orm/pg-core";
import {
  CLASSIFIER_VERSION,
  cardReading,
  classifyBuilt,
  classifyMarked,
  MODES,
  type RawAnswer,
  type ResponseMode,
  type ResponseVerdict,
  readReading,
  type Segmentation,
  writeReading,
} from "../../core/index.ts";
import type { GroupId, LearnerId, SessionId } from "../../schemas/ids.ts";
import type { NewResponse } from "../../schemas/responses.ts";
import type { Queryable } from "../db/database.ts";
import { learners, memberships, responses, sessions } from "../db/schema.ts";
import { AppError, notFound } from "../http/errors.ts";
import { getSchool } from "../school/school.ts";
import { targetAt } from "../sessions/lesson-run.ts";
import { getSession, type Session } from "../sessions/sessions.ts";

/** The current answer of one learner to one word of one session. */
export interface StoredResponse {
  readonly id: string;
  readonly sessionId: SessionId;
  readonly learnerId: LearnerId;
  readonly wordIndex: number;
  readonly word: string;
  readonly mode: ResponseMode;
  readonly answer: RawAnswer;
  readonly verdict: ResponseVerdict;
  readonly supersedes: string | null;
  readonly withdrawn: boolean;
  readonly at: string;
}

const toStored = (row: typeof responses.$inferSelect): StoredResponse => ({
  id: row.id,
  sessionId: row.sessionId,
  learnerId: row.learnerId,
  wordIndex: row.wordIndex,
  word: row.word,
  mode: row.mode,
  answer: row.answer,
  verdict: row.verdict,
  supersedes: row.supersedes,
  withdrawn: row.withdrawn,
  at: row.at.toISOString(),
});

async function checkMember(db: Queryable, session: Session, learnerId: LearnerId): Promise<void> {
  const [learner] = await db.select({ id: learners.id }).from(learners).where(eq(learners.id, learnerId));
  if (!learner) throw notFound("learner");
  const [member] = await db
    .select({ id: memberships.learnerId })
    .from(memberships)
    .where(and(eq(memberships.groupId, session.groupId), eq(memberships.learnerId, learnerId)));
  if (!member) throw new AppError("invalid", "That learner is not in the group that is being taught.");
}

/**
 * Stores one mark. Sending the same mark again changes nothing and answers the stored row.
 *
 * @throws AppError "not-found" (session, learner, or superseded response), "invalid" (a unit the word does
 * not have, a learner of another group), "conflict" (the id is taken by another mark)
 */
export async function storeResponse(db: Queryable, input: NewResponse): Promise<StoredResponse> {
  const session = await getSession(db, input.sessionId);
  await checkMember(db, session, input.learnerId);
  const { accent } = await getSchool(db);
  const found = targetAt(session, input.wordIndex, accent);
  if (!found)
    throw new AppError("invalid", `The lesson has no word ${input.wordIndex + 1} that can be marked.`, [
      { field: "wordIndex", message: `must be from 0 to ${session.words.length - 1}` },
    ]);
  const { reading: target, activity } = found;
  const { built } = input.answer;
  if (built && !MODES[input.mode].hasAttempts)
    throw new AppError("invalid", "Only a word that was built has attempts.", [
      { field: "answer.built", message: "goes with the mode built" },
    ]);
  const beyond = input.answer.substitutions.find(({ unit }) => unit >= target.units.length);
  if (beyond)
    throw new AppError("invalid", `That word has ${target.units.length} graphemes.`, [
      { field: "answer.substitutions", message: `unit must be from 0 to ${target.units.length - 1}` },
    ]);
  if (input.supersedes) {
    const [old] = await db.select().from(responses).where(eq(responses.id, input.supersedes));
    if (!old) throw notFound("earlier mark");
    if (old.sessionId !== input.sessionId || old.learnerId !== input.learnerId || old.wordIndex !== input.wordIndex)
      throw new AppError("invalid", "A correction belongs to the same learner and word as the mark it corrects.");
  }
  await db
    .insert(responses)
    .values({
      id: input.id,
      sessionId: input.sessionId,
      learnerId: input.learnerId,
      wordIndex: input.wordIndex,
      word: target.word,
      target: writeReading(target),
      mode: input.mode,
      answer: input.answer,
      verdict: built ? classifyBuilt(target, built, accent) : classifyMarked(target, input.answer, accent),
      classifier: CLASSIFIER_VERSION,
      heldBack: activity.heldBack,
      supersedes: input.supersedes,
      withdrawn: input.withdrawn,
      at: new Date(input.at),
    })
    .onConflictDoNothing();
  const [row] = await db.select().from(responses).where(eq(responses.id, input.id));
  if (
    !row ||
    row.sessionId !== input.sessionId ||
    row.learnerId !== input.learnerId ||
    row.wordIndex !== input.wordIndex
  )
    throw new AppError("conflict", "Another mark already has this id.");
  return toStored(row);
}

/** The row that stands in the place of one, joined on what it supersedes. */
const newer = alias(responses, "newer");
const isReplaced = eq(newer.supersedes, responses.id);
const stands = and(isNull(newer.id), eq(responses.withdrawn, false));

/** What stands marked in a session: for Teach to show again after a reload. */
export async function sessionResponses(db: Queryable, sessionId: SessionId): Promise<StoredResponse[]> {
  await getSession(db, sessionId);
  const rows = await db
    .select({ response: responses })
    .from(responses)
    .leftJoin(newer, isReplaced)
    .where(and(eq(responses.sessionId, sessionId), stands))
    .orderBy(asc(responses.at), asc(responses.id));
  return rows.map(({ response }) => toStored(response));
}

/** A response with everything needed to count it and to show it. */
export interface EvidenceResponse {
  readonly id: string;
  readonly learnerId: LearnerId;
  readonly learner: string;
  readonly sessionId: SessionId;
  readonly sessionTitle: string;
  readonly word: string;
  readonly target: Segmentation;
  readonly mode: ResponseMode;
  readonly heldBack: boolean;
  readonly answer: RawAnswer;
  readonly verdict: ResponseVerdict;
  readonly at: string;
}

/** Readings that were rebuilt once: a group's records have the same words again and again. */
const READ = new Map<string, Segmentation>();

function targetRead(mode: ResponseMode, word: string, target: string): Segmentation {
  const key = `${mode === "card" ? "card" : word} ${target}`;
  let reading = READ.get(key);
  if (!reading) {
    reading = mode === "card" ? cardReading(target.replace(" ", "=")) : readReading(word, target);
    READ.set(key, reading);
  }
  return reading;
}

/** A response as the database writes it into one text with all the others. */
type WrittenResponse = Omit<EvidenceResponse, "target"> & { readonly target: string };

/** Records are read at every look, and grow: row by row they take three times as long as in one text. */
const WRITTEN = sql<string | null>`json_agg(json_build_object(
  'id', ${responses.id}, 'learnerId', ${responses.learnerId}, 'learner', ${learners.nickname},
  'sessionId', ${responses.sessionId}, 'sessionTitle', ${sessions.title}, 'word', ${responses.word},
  'target', ${responses.target}, 'mode', ${responses.mode}, 'heldBack', ${responses.heldBack},
  'answer', ${responses.answer}, 'verdict', ${responses.verdict}, 'at', ${responses.at}
) order by ${responses.at}, ${responses.id})::text`;

/** Current responses of a group's sessions, or of some learners wherever they were taught; oldest first. */
export async function evidenceResponses(
  db: Queryable,
  of: { readonly groupId: GroupId; readonly learnerIds?: readonly LearnerId[] },
): Promise<EvidenceResponse[]> {
  const ofLearners = of.learnerIds ? inArray(responses.learnerId, [...of.learnerIds]) : undefined;
  const [found] = await db
    .select({ all: WRITTEN })
    .from(responses)
    .innerJoin(sessions, eq(sessions.id, responses.sessionId))
    .innerJoin(learners, eq(learners.id, responses.learnerId))
    .leftJoin(newer, isReplaced)
    .where(and(eq(sessions.groupId, of.groupId), ofLearners, stands));
  const all = JSON.parse(found?.all ?? "[]") as WrittenResponse[];
  return all.map((one) => ({
    ...one,
    target: targetRead(one.mode, one.word, one.target),
    at: new Date(one.at).toISOString(),
  }));
}
