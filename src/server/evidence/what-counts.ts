import { and, asc, eq, inArray } from "drizzle-orm";
import {
  type AnswerToCount,
  answersThatCount,
  type CountingRule,
  countsByItself,
  looksAtOneAnswer,
} from "../../core/index.ts";
import type { LearnerId, SessionId } from "../../schemas/ids.ts";
import type { Queryable } from "../db/database.ts";
import { responses } from "../db/schema.ts";

type ResponseRow = typeof responses.$inferSelect;

/** Whose answers are meant: of one lesson, or of all. */
interface AnswersOf {
  readonly learnerId: LearnerId;
  readonly sessionId?: SessionId;
}

/** Standing answers of a learner, lesson by lesson, in the order in which they were given. */
export async function answersOf(db: Queryable, { learnerId, sessionId }: AnswersOf): Promise<readonly ResponseRow[]> {
  return db
    .select()
    .from(responses)
    .where(
      and(
        eq(responses.learnerId, learnerId),
        eq(responses.standing, true),
        sessionId && eq(responses.sessionId, sessionId),
      ),
    )
    .orderBy(asc(responses.sessionId), asc(responses.at), asc(responses.id));
}

/** An answer of the records. */
interface RecordedAnswer extends AnswerToCount {
  readonly id: string;
  readonly learnerId: LearnerId;
  readonly sessionId: SessionId;
}

/** Of some answers, those that count by the rule: where it takes the others of their lessons, those are looked at too. */
export async function countedOf<Answer extends RecordedAnswer>(
  db: Queryable,
  some: readonly Answer[],
  rule: CountingRule,
): Promise<readonly Answer[]> {
  if (looksAtOneAnswer(rule)) return some.filter((one) => countsByItself(one, rule));
  if (some.length === 0) return some;
  const { id, learnerId, sessionId, mode, word, answer, standing, at } = responses;
  const whole = await db
    .select({ id, learnerId, sessionId, mode, word, answer })
    .from(responses)
    .where(
      and(
        inArray(sessionId, [...new Set(some.map((one) => one.sessionId))]),
        inArray(learnerId, [...new Set(some.map((one) => one.learnerId))]),
        eq(standing, true),
      ),
    )
    .orderBy(asc(sessionId), asc(at), asc(id));
  const counted = new Set<string>(answersThatCount(whole, rule).map((one) => one.id));
  return some.filter((one) => counted.has(one.id));
}
