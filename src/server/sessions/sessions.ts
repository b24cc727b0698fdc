import { and, desc, eq, getTableColumns, gte, type InferSelectModel, lt, type SQL, sql } from "drizzle-orm";
import { dayIn, isWordTarget } from "../../core/light.ts";
import type { GroupId, SessionId } from "../../schemas/ids.ts";
import type { SessionChangeInput } from "../../schemas/sessions.ts";
import type { Queryable } from "../db/database.ts";
import { responses, sessions, sessionWords } from "../db/schema.ts";
import { AppError, notFound, unreadable } from "../http/errors.ts";
import { type Aim, FIRST_PLACE, type LessonRun, NO_AIM, type Place } from "../plans/lesson-types.ts";
import { getTimeZone } from "../school/installation.ts";

export type { Place };

/** A lesson, or a chain on its own, being taught or taught to a group. */
export interface Session {
  readonly id: SessionId;
  readonly groupId: GroupId;
  readonly chainId: string | null;
  readonly title: string;
  /** What is answered to, each at the place of its number: words, and GPC ids for cards. It only grows. */
  readonly words: readonly string[];
  readonly aim: Aim;
  readonly run: LessonRun;
  readonly place: Place;
  readonly startedAt: string;
  readonly endedAt: string | null;
}

/** A session's row with its words by their numbers. */
const WITH_WORDS = {
  ...getTableColumns(sessions),
  words:
    sql`(select coalesce(json_object_agg(number, word), '{}') from ${sessionWords} where session_id = ${sessions.id})`.as(
      "words",
    ) as SQL.Aliased<Readonly<Record<number, string>>>,
};

interface SessionRow extends InferSelectModel<typeof sessions> {
  readonly words: Readonly<Record<number, string>>;
}

/** @returns undefined when what was taught in it cannot be read; its aim and its place may be missing */
const toSession = ({ words, run, aim, place, ...row }: SessionRow): Session | undefined =>
  run && {
    id: row.id,
    groupId: row.groupId,
    chainId: row.chainId,
    title: row.title,
    words: Object.assign([], words),
    aim: aim ?? NO_AIM,
    run,
    place: place ?? FIRST_PLACE,
    startedAt: row.startedAt.toISOString(),
    endedAt: row.endedAt?.toISOString() ?? null,
  };

/** @throws AppError "not-found", "unreadable" */
export async function getSession(db: Queryable, id: SessionId): Promise<Session> {
  const [row] = await db.select(WITH_WORDS).from(sessions).where(eq(sessions.id, id));
  if (!row) throw notFound("session");
  const session = toSession(row);
  if (!session) throw unreadable("lesson");
  return session;
}

/**
 * Gives words the next numbers of a session, in order.
 *
 * @param from the first number: as many as the session has words
 */
export async function addSessionWords(
  db: Queryable,
  sessionId: SessionId,
  words: readonly string[],
  from: number,
): Promise<void> {
  if (words.length > 0)
    await db.insert(sessionWords).values(words.map((word, k) => ({ sessionId, number: from + k, word })));
}

/** A group's sessions, the latest first. */
export async function listSessions(db: Queryable, groupId: GroupId, most = 20): Promise<Session[]> {
  const rows = await db
    .select(WITH_WORDS)
    .from(sessions)
    .where(eq(sessions.groupId, groupId))
    .orderBy(desc(sessions.startedAt))
    .limit(most);
  return rows.flatMap((row) => toSession(row) ?? []);
}

/** A lesson as it is named in a list and on paper. */
export type LessonLine = Pick<Session, "id" | "title" | "startedAt" | "endedAt">;

/** So many more are asked for than are wanted: what was taught in one may not be readable. */
const SPARE_LESSONS = 2;

/**
 * The latest lessons of a group, the latest first: a learner's own cards and probes are not among them.
 *
 * @param most how many, from 1
 */
export async function listLessons(db: Queryable, groupId: GroupId, most: number): Promise<LessonLine[]> {
  const { id, title, run, startedAt, endedAt } = sessions;
  const rows = await db
    .select({ id, title, run, startedAt, endedAt })
    .from(sessions)
    .where(and(eq(sessions.groupId, groupId), sql`${run} ->> 'learnerId' is null`))
    .orderBy(desc(startedAt))
    .limit(most + SPARE_LESSONS);
  return rows
    .filter((row) => row.run)
    .slice(0, most)
    .map((row) => ({
      id: row.id,
      title: row.title,
      startedAt: row.startedAt.toISOString(),
      endedAt: row.endedAt?.toISOString() ?? null,
    }));
}

/** Keeps the place, or ends the session. @throws AppError "not-found", "invalid" */
export async function changeSession(
  db: Queryable,
  id: SessionId,
  change: SessionChangeInput,
  now: Date,
): Promise<Session> {
  const session = await getSession(db, id);
  const activity = change.place && session.run.activities[change.place.activity];
  if (change.place && !activity)
    throw new AppError("invalid", `The lesson has ${session.run.activities.length} activities.`, [
      { field: "place.activity", message: `must be from 0 to ${session.run.activities.length - 1}` },
    ]);
  const items = change.place && activity ? (change.place.orders[activity.id] ?? activity.targets).length : 0;
  if (change.place && change.place.item >= Math.max(1, items))
    throw new AppError("invalid", `The activity has ${items} items.`, [
      { field: "place.item", message: `must be from 0 to ${items - 1}` },
    ]);
  await db
    .update(sessions)
    .set({
      ...(change.place && { place: change.place }),
      ...(change.ended !== undefined && { endedAt: change.ended ? now : null }),
      updatedAt: now,
    })
    .where(eq(sessions.id, id));
  return getSession(db, id);
}

/** Words of the group's last sessions: the planner passes over them where it can. */
export async function recentWords(db: Queryable, groupId: GroupId, lessons = 3): Promise<string[]> {
  const latest = await listSessions(db, groupId, lessons);
  return [...new Set(latest.flatMap(practisedWords))];
}

/** Words that a lesson was about: those of a text that was read in it are not. */
const practisedWords = ({ run, words }: Session): string[] =>
  run.activities
    .filter(({ content }) => content.kind !== "text")
    .flatMap(({ targets }) => targets.flatMap((at) => (at === null ? [] : (words[at] ?? []))))
    .filter(isWordTarget);

/** Days after which a word is looked at again: last week, give or take a weekend. */
const [LAST_WEEK_FROM, LAST_WEEK_TO] = [9, 5];
const DAY_MS = 24 * 60 * 60 * 1000;

/**
 * Words of a group's lessons of last week, each once, those first that somebody had wrong; of the texts that were read,
 * those alone.
 */
export async function wordsOfLastWeek(db: Queryable, groupId: GroupId, now: Date): Promise<string[]> {
  const daysAgo = (days: number) => new Date(now.getTime() - days * DAY_MS);
  const isThen = and(
    eq(sessions.groupId, groupId),
    gte(sessions.startedAt, daysAgo(LAST_WEEK_FROM)),
    lt(sessions.startedAt, daysAgo(LAST_WEEK_TO)),
    // A learner's own cards and probes are not the group's words.
    sql`${sessions.run} ->> 'learnerId' is null`,
  );
  const wrong = sql<number>`count(${responses.id}) filter (where ${responses.answer} ->> 'outcome' = 'wrong')`;
  const rows = await db
    .select({ word: sessionWords.word, wrong })
    .from(sessions)
    .innerJoin(sessionWords, eq(sessionWords.sessionId, sessions.id))
    .leftJoin(
      responses,
      and(
        eq(responses.sessionId, sessionWords.sessionId),
        eq(responses.wordIndex, sessionWords.number),
        eq(responses.standing, true),
      ),
    )
    .where(isThen)
    .groupBy(sessionWords.word)
    .orderBy(desc(wrong), sessionWords.word);
  const then = await db.select(WITH_WORDS).from(sessions).where(isThen);
  const practised = new Set(then.flatMap((row) => toSession(row) ?? []).flatMap(practisedWords));
  return rows
    .filter(({ word, wrong }) => practised.has(word) || (Number(wrong) > 0 && isWordTarget(word)))
    .map(({ word }) => word);
}

/** On how many days before this one a group has been taught some of these sounds. */
export async function lessonsWith(
  db: Queryable,
  groupId: GroupId,
  focus: readonly string[],
  now: Date,
): Promise<number> {
  const rows = await db
    .select({ aim: sessions.aim, startedAt: sessions.startedAt })
    .from(sessions)
    .where(eq(sessions.groupId, groupId));
  const timeZone = await getTimeZone(db);
  const day = (date: Date) => dayIn(date, timeZone);
  const days = rows
    .filter(({ aim }) => aim?.focus.some((gpc) => focus.includes(gpc)))
    .map(({ startedAt }) => day(startedAt));
  // What was tried out today is still today's lesson.
  return new Set(days.filter((one) => one < day(now))).size;
}
