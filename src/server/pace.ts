import { desc, eq, inArray, max } from "drizzle-orm";
import type { Queryable } from "./db/database.ts";
import { responses, sessions } from "./db/schema.ts";

/** Lessons looked at, and the fewest from which a pace is told. */
const LESSONS = 8;
const FEWEST = 2;
/** Seconds a word of a chain takes with the default: 20, half as long again with a model (core/practice/pace.ts). */
const DEFAULT_SECONDS = 30;
const [QUICKEST, SLOWEST] = [0.5, 2];

/**
 * How quick a group is beside the default, from its last lessons: the median time a word took, from the start to
 * the last mark. 1 until it has been taught twice.
 */
export async function paceOf(db: Queryable, groupId: string): Promise<number> {
  const latest = await db
    .select({ id: sessions.id, startedAt: sessions.startedAt })
    .from(sessions)
    .where(eq(sessions.groupId, groupId))
    .orderBy(desc(sessions.startedAt))
    .limit(LESSONS);
  if (latest.length === 0) return 1;
  const ends = await db
    .select({ id: responses.sessionId, at: max(responses.at), word: max(responses.wordIndex) })
    .from(responses)
    .where(
      inArray(
        responses.sessionId,
        latest.map(({ id }) => id),
      ),
    )
    .groupBy(responses.sessionId);
  const seconds = latest.flatMap(({ id, startedAt }) => {
    const end = ends.find((one) => one.id === id);
    if (!end?.at || end.word === null || end.word < 2) return [];
    return [(end.at.getTime() - startedAt.getTime()) / 1000 / (end.word + 1)];
  });
  const usual = seconds.filter((one) => one > 2).sort((a, b) => a - b);
  const median = usual[Math.floor(usual.length / 2)];
  if (usual.length < FEWEST || median === undefined) return 1;
  return Math.min(SLOWEST, Math.max(QUICKEST, median / DEFAULT_SECONDS));
}
