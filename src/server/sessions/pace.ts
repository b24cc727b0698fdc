import { desc, eq, inArray, max } from "drizzle-orm";
import { DEFAULT_PRACTICE, minutesOfContent } from "../../core/light.ts";
import type { GroupId, SessionId } from "../../schemas/ids.ts";
import type { Queryable } from "../db/database.ts";
import { responses, sessions } from "../db/schema.ts";
import { listSessions, type Session } from "./sessions.ts";

/** Lessons looked at, and the fewest from which a pace is told. */
const LESSONS = 8;
const FEWEST = 2;
/** Seconds a word of a chain takes with the default: 20, half as long again with a model (core/practice/pace.ts). */
const DEFAULT_SECONDS = 30;
const [QUICKEST, SLOWEST] = [0.5, 2];
/** An activity that was only looked into tells nothing. */
const LEAST_SECONDS = 20;

/**
 * How quick a group is beside the default: the median over its last lessons, by the clock of each where it ran,
 * otherwise by the time from the start to the last mark. 1 until it has been taught twice.
 */
export async function paceOf(db: Queryable, groupId: GroupId): Promise<number> {
  const latest = (await listSessions(db, groupId, LESSONS)).filter(({ run }) => run.learnerId === undefined);
  const byMarks = await pacesByMarks(
    db,
    latest.map(({ id }) => id),
  );
  const paces = latest.flatMap((session) => paceByClock(session) ?? byMarks.get(session.id) ?? []);
  const inOrder = paces.sort((a, b) => a - b);
  const median = inOrder[Math.floor(inOrder.length / 2)];
  if (inOrder.length < FEWEST || median === undefined) return 1;
  return Math.min(SLOWEST, Math.max(QUICKEST, median));
}

/** Time spent on what was gone through, beside what it takes by default. */
function paceByClock({ run, place }: Session): number | undefined {
  let spent = 0;
  let usual = 0;
  run.activities.forEach((activity, k) => {
    const seconds = place.seconds[activity.id] ?? 0;
    if (seconds < LEAST_SECONDS || activity.targets.length === 0 || k > place.activity) return;
    const done = k < place.activity ? 1 : (place.item + 1) / activity.targets.length;
    const turns = (activity.settings ?? DEFAULT_PRACTICE).turns;
    spent += seconds;
    usual += minutesOfContent(activity.content, turns) * 60 * Math.min(1, done);
  });
  return usual > 0 ? spent / usual : undefined;
}

async function pacesByMarks(db: Queryable, ids: readonly SessionId[]): Promise<Map<string, number>> {
  if (ids.length === 0) return new Map();
  const ends = await db
    .select({ id: sessions.id, startedAt: sessions.startedAt, at: max(responses.at), word: max(responses.wordIndex) })
    .from(responses)
    .innerJoin(sessions, eq(sessions.id, responses.sessionId))
    .where(inArray(sessions.id, [...ids]))
    .groupBy(sessions.id, sessions.startedAt)
    .orderBy(desc(sessions.startedAt));
  return new Map(
    ends.flatMap(({ id, startedAt, at, word }): [string, number][] => {
      if (!at || word === null || word < 2) return [];
      const seconds = (at.getTime() - startedAt.getTime()) / 1000 / (word + 1);
      return seconds > 2 ? [[id, seconds / DEFAULT_SECONDS]] : [];
    }),
  );
}
