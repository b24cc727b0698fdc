import { count, eq, isNull, max } from "drizzle-orm";
import type { ResponseMode } from "../../core/light.ts";
import type { GroupId, LearnerId } from "../../schemas/ids.ts";
import type { LearnerChangeInput } from "../../schemas/people.ts";
import type { Queryable } from "../db/database.ts";
import { newId } from "../db/new-id.ts";
import { groups, learners, memberships, responses, sessions } from "../db/schema.ts";
import { AppError, notFound } from "../http/errors.ts";
import { getGroup, type Learner } from "./groups.ts";

/** A learner who is out of sight or in it, with how much there is of them. */
export interface KnownLearner extends Learner {
  readonly groupId: GroupId | null;
  readonly putAway: boolean;
  /** ISO time until which an erasure can be taken back; null when none is under way. */
  readonly eraseAt: string | null;
  /** Rows of answers, corrected ones included. */
  readonly answers: number;
}

/** As many as a group may have. */
const MOST_LEARNERS = 40;

/** Learners in seat order, those out of sight included. @param id only this one; all when not given */
export async function listLearners(db: Queryable, id?: LearnerId): Promise<KnownLearner[]> {
  const rows = await db
    .select({ learner: learners, groupId: memberships.groupId })
    .from(learners)
    .leftJoin(memberships, eq(memberships.learnerId, learners.id))
    .leftJoin(groups, eq(groups.id, memberships.groupId))
    // Those of a rehearsal are nobody.
    .where(id ? eq(learners.id, id) : isNull(groups.rehearsalOf))
    .orderBy(memberships.seat, learners.nickname, learners.id);
  const counted = await db
    .select({ id: responses.learnerId, answers: count() })
    .from(responses)
    .where(id && eq(responses.learnerId, id))
    .groupBy(responses.learnerId);
  const answers = new Map(counted.map(({ id, answers }) => [id, answers]));
  return rows.map(({ learner, groupId }) => ({
    id: learner.id,
    nickname: learner.nickname,
    groupId,
    putAway: learner.putAwayAt !== null,
    eraseAt: learner.eraseAt?.toISOString() ?? null,
    answers: answers.get(learner.id) ?? 0,
  }));
}

/** @throws AppError "not-found", for one that is being erased too */
export async function getLearner(db: Queryable, id: LearnerId): Promise<KnownLearner> {
  const [found] = await listLearners(db, id);
  if (!found || found.eraseAt !== null) throw notFound("learner");
  return found;
}

async function takeSeat(db: Queryable, groupId: GroupId, learnerId: LearnerId): Promise<void> {
  const group = await getGroup(db, groupId);
  if (group.learners.length >= MOST_LEARNERS)
    throw new AppError("invalid", `A group has at most ${MOST_LEARNERS} learners.`, [
      { field: "groupId", message: "make another group first" },
    ]);
  const [last] = await db
    .select({ seat: max(memberships.seat) })
    .from(memberships)
    .where(eq(memberships.groupId, groupId));
  await db.insert(memberships).values({ groupId, learnerId, seat: (last?.seat ?? -1) + 1 });
}

/** A new learner in the last seat of a group. @throws AppError "not-found", "invalid" when the group is full */
export async function addLearner(db: Queryable, groupId: GroupId, nickname: string): Promise<KnownLearner> {
  await getGroup(db, groupId);
  const id = newId<LearnerId>();
  await db.insert(learners).values({ id, nickname });
  await takeSeat(db, groupId, id);
  return getLearner(db, id);
}

async function isOfDemo(db: Queryable, groupId: GroupId | null): Promise<boolean> {
  if (groupId === null) return false;
  const [group] = await db.select({ isDemo: groups.isDemo }).from(groups).where(eq(groups.id, groupId));
  return group?.isDemo ?? false;
}

/** Renames, moves, puts away, brings back: records stay with the learner. @throws AppError "not-found", "invalid" */
export async function changeLearner(
  db: Queryable,
  id: LearnerId,
  { nickname, groupId, putAway }: LearnerChangeInput,
  now: Date,
): Promise<KnownLearner> {
  const learner = await getLearner(db, id);
  await db
    .update(learners)
    .set({
      ...(nickname !== undefined && { nickname }),
      ...(putAway !== undefined && { putAwayAt: putAway ? now : null }),
      updatedAt: now,
    })
    .where(eq(learners.id, id));
  if (groupId !== undefined && groupId !== learner.groupId) {
    if ((await isOfDemo(db, learner.groupId)) !== (await isOfDemo(db, groupId)))
      throw new AppError("invalid", "Made-up learners stay in the demo, and real ones out of it.", [
        { field: "groupId", message: "choose another group: the demo goes with all that is in it" },
      ]);
    await db.delete(memberships).where(eq(memberships.learnerId, id));
    await takeSeat(db, groupId, id);
  }
  return getLearner(db, id);
}

/** One answer of a learner, as it is taken out. */
export interface ExportedAnswer {
  readonly at: string;
  readonly lesson: string;
  readonly word: string;
  readonly mode: ResponseMode;
  readonly outcome: string;
  /** The graphemes of the word and what was said for each that was taken for another: `"a=æ: ʌ"`. */
  readonly substitutions: string;
  /** It counts: it was not corrected or taken back. */
  readonly standing: boolean;
}

export interface LearnerRecords {
  readonly format: "zip-step-learner";
  readonly version: 1;
  readonly nickname: string;
  readonly answers: readonly ExportedAnswer[];
}

/** Everything that is stored of one learner, oldest first. @throws AppError "not-found" */
export async function learnerRecords(db: Queryable, id: LearnerId): Promise<LearnerRecords> {
  const { nickname } = await getLearner(db, id);
  const rows = await db
    .select({ response: responses, lesson: sessions.title })
    .from(responses)
    .innerJoin(sessions, eq(sessions.id, responses.sessionId))
    .where(eq(responses.learnerId, id))
    .orderBy(responses.at, responses.createdAt, responses.id);
  return {
    format: "zip-step-learner",
    version: 1,
    nickname,
    answers: rows.map(({ response, lesson }) => ({
      at: response.at.toISOString(),
      lesson,
      word: response.word,
      mode: response.mode,
      outcome: response.withdrawn ? "taken back" : String(response.answer?.outcome ?? "cannot be read"),
      substitutions: (response.answer?.substitutions ?? [])
        .map(
          ({ unit, said }) =>
            `${response.target.split(" ")[0]?.split(".")[unit] ?? unit}: ${said.join(" ") || "left out"}`,
        )
        .join("; "),
      standing: response.standing,
    })),
  };
}

/** The heads of the columns of a learner's records as CSV. */
export const RECORD_COLUMNS = ["at", "lesson", "word", "mode", "outcome", "substitutions", "standing"] as const;
