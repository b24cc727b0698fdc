import { and, asc, desc, eq, isNotNull, isNull, or } from "drizzle-orm";
import { alias } from "drizzle-orm/pg-core";
import {
  type AccentSettings,
  CLASSIFIER_VERSION,
  isAnswerTo,
  MODES,
  type RawAnswer,
  type ResponseMode,
  type ResponseVerdict,
  writeOralTarget,
  writeReading,
} from "../../core/index.ts";
import type { LearnerId, SessionId } from "../../schemas/ids.ts";
import type { NewResponse } from "../../schemas/responses.ts";
import type { Queryable } from "../db/database.ts";
import { learners, memberships, responses } from "../db/schema.ts";
import { AppError, notFound } from "../http/errors.ts";
import { getSchool } from "../school/school.ts";
import { markableTarget, type RunTarget } from "../sessions/lesson-run.ts";
import { getSession, type Session } from "../sessions/sessions.ts";
import { count } from "./counts.ts";
import { isReadable } from "./read-records.ts";
import { verdictOf } from "./verdict.ts";

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
  /** It has come in after its lesson was ended. */
  readonly late?: true;
}

type ResponseRow = typeof responses.$inferSelect;

const toStored = (row: ResponseRow): StoredResponse => ({
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
  const isMember = and(eq(memberships.learnerId, learners.id), eq(memberships.groupId, session.groupId));
  const [learner] = await db
    .select({ groupId: memberships.groupId })
    .from(learners)
    .leftJoin(memberships, isMember)
    .where(and(eq(learners.id, learnerId), isNull(learners.eraseAt)));
  if (!learner) throw notFound("learner");
  if (learner.groupId !== null) return;
  // Who has moved to another group meanwhile was here all the same.
  const [answer] = await db
    .select({ id: responses.id })
    .from(responses)
    .where(and(eq(responses.sessionId, session.id), eq(responses.learnerId, learnerId)))
    .limit(1);
  if (!answer) throw new AppError("invalid", "That learner is not in the group that is being taught.");
}

/** The same answer of the same learner sent again. */
const isSame = (row: ResponseRow, { sessionId, learnerId, wordIndex }: NewResponse): boolean =>
  row.sessionId === sessionId && row.learnerId === learnerId && row.wordIndex === wordIndex;

/** What is asked for at a place of a session, once the mark has been held against it. @throws AppError "invalid" */
function checkedTarget(session: Session, input: NewResponse, accent: AccentSettings): RunTarget {
  const found = markableTarget(session, input.wordIndex, accent);
  const { reading: target } = found;
  if (input.word !== undefined && input.word !== session.words[input.wordIndex])
    throw new AppError("invalid", "At that place of the lesson stands another word now.", [
      { field: "word", message: `is "${session.words[input.wordIndex]}" there` },
    ]);
  if (!isAnswerTo(input.mode, session.words[input.wordIndex] as string))
    throw new AppError("invalid", "That cannot be answered in this way.", [
      { field: "mode", message: "card goes with a card, oral with an ears-only item, the others with a word" },
    ]);
  if (input.answer.built && !MODES[input.mode].hasAttempts)
    throw new AppError("invalid", "Only a word that was built has attempts.", [
      { field: "answer.built", message: "goes with the mode built" },
    ]);
  const beyond = input.answer.substitutions.find(({ unit }) => unit >= target.units.length);
  if (beyond)
    throw new AppError("invalid", `That word has ${target.units.length} ${found.oral ? "sounds" : "graphemes"}.`, [
      { field: "answer.substitutions", message: `unit must be from 0 to ${target.units.length - 1}` },
    ]);
  return found;
}

/** A row of the table that another refers to. */
const replacing = alias(responses, "replacing");

/**
 * The last of a learner's answers to a word in one way of working. What was taken back when it no longer stood is in no
 * line: it supersedes nothing.
 */
async function lastAnswer(db: Queryable, input: NewResponse): Promise<ResponseRow | undefined> {
  const ofLine = and(
    eq(responses.sessionId, input.sessionId),
    eq(responses.learnerId, input.learnerId),
    eq(responses.wordIndex, input.wordIndex),
    eq(responses.mode, input.mode),
  );
  // One that stands is the last, and found by its index, however often the word was marked.
  const [standing] = await db
    .select()
    .from(responses)
    .where(and(ofLine, eq(responses.standing, true)));
  if (standing) return standing;
  const [row] = await db
    .select({ response: responses })
    .from(responses)
    .leftJoin(replacing, eq(replacing.supersedes, responses.id))
    .where(and(ofLine, isNull(replacing.id), or(eq(responses.withdrawn, false), isNotNull(responses.supersedes))))
    .orderBy(desc(responses.createdAt))
    .limit(1);
  return row?.response;
}

/**
 * Stores one mark. Sending the same mark again changes nothing and answers the stored row.
 *
 * Of a learner's answers to a word in one way of working one stands: the last that came in. It supersedes the one before,
 * whichever device that was made on; both are kept. A mark that is taken back when it no longer stands takes nothing
 * away from the one that does.
 *
 * @throws AppError "not-found" (session, learner, or superseded response), "invalid" (another word, a way of working
 * that does not fit, a unit the word does not have, a learner of another group), "lesson-over", "conflict" (the id is taken by another
 * mark)
 */
export async function storeResponse(db: Queryable, input: NewResponse): Promise<StoredResponse> {
  const [known] = await db.select().from(responses).where(eq(responses.id, input.id));
  if (known && isSame(known, input)) return toStored(known);
  if (known) throw new AppError("conflict", "Another mark already has this id.");
  const session = await getSession(db, input.sessionId);
  refuseAfterTheEnd(session, input);
  await checkMember(db, session, input.learnerId);
  const school = await getSchool(db);
  const { accent } = school;
  const found = checkedTarget(session, input, accent);
  const { reading: target, activity } = found;
  if (input.supersedes) {
    const [old] = await db.select().from(responses).where(eq(responses.id, input.supersedes));
    if (!old) throw notFound("earlier mark");
    if (!isSame(old, input))
      throw new AppError("invalid", "A correction belongs to the same learner and word as the mark it corrects.");
  }
  const last = await lastAnswer(db, input);
  const changesIt = !input.withdrawn || (last !== undefined && last.id === input.supersedes);
  if (last?.standing && changesIt) await db.update(responses).set({ standing: false }).where(eq(responses.id, last.id));
  const [row] = await db
    .insert(responses)
    .values({
      id: input.id,
      sessionId: input.sessionId,
      learnerId: input.learnerId,
      wordIndex: input.wordIndex,
      word: target.word,
      target: writtenTarget(found, input.mode),
      mode: input.mode,
      answer: input.answer,
      verdict: verdictOf(found, input.mode, input.answer, school),
      classifier: CLASSIFIER_VERSION,
      heldBack: activity.heldBack,
      supersedes: changesIt ? (last?.id ?? null) : null,
      withdrawn: input.withdrawn,
      standing: !input.withdrawn,
      at: new Date(input.at),
    })
    .returning();
  await count(
    db,
    [
      ...(last?.standing && changesIt ? [{ response: last, by: -1 }] : []),
      ...(input.withdrawn ? [] : [{ response: row as ResponseRow, by: 1 }]),
    ],
    school.counting,
  );
  return { ...toStored(row as ResponseRow), ...(session.endedAt !== null && !input.onPaper && { late: true }) };
}

/** What was asked for, as it is kept: `readTarget` of read-records.ts reads it. */
function writtenTarget({ reading, oral }: RunTarget, mode: ResponseMode): string {
  if (oral) return writeOralTarget(oral);
  return MODES[mode].answersTo === "sentence" ? reading.word : writeReading(reading);
}

/** A browser's clock may be so far ahead of ours. */
const CLOCK_SLACK_MS = 10 * 60_000;

/**
 * A mark that was made while its lesson ran is taken whenever it comes; one that was made when the lesson was over is
 * not: whoever marks has to open it again.
 */
function refuseAfterTheEnd({ endedAt }: Session, { at }: NewResponse): void {
  if (endedAt !== null && new Date(at).getTime() > new Date(endedAt).getTime() + CLOCK_SLACK_MS)
    throw new AppError("lesson-over", "The lesson was over when this was marked.");
}

/** Standing answers of a session as they are stored, in the order of time; those that cannot be read are left out. */
export async function sessionAnswers(db: Queryable, sessionId: SessionId): Promise<readonly ResponseRow[]> {
  const rows = await db
    .select()
    .from(responses)
    .where(and(eq(responses.sessionId, sessionId), eq(responses.standing, true)))
    .orderBy(asc(responses.at), asc(responses.id));
  return rows.filter(isReadable);
}

/** What stands marked in a session: for Teach to show again after a reload. */
export async function sessionResponses(db: Queryable, sessionId: SessionId): Promise<StoredResponse[]> {
  await getSession(db, sessionId);
  return (await sessionAnswers(db, sessionId)).map(toStored);
}
