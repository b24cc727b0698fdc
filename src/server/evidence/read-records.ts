import { and, eq, inArray, isNull, type SQL, sql } from "drizzle-orm";
import {
  cardReading,
  type RawAnswer,
  type ResponseMode,
  type ResponseVerdict,
  readOralTarget,
  readReading,
  type Segmentation,
} from "../../core/index.ts";
import type { GroupId, LearnerId, ResponseId, SessionId } from "../../schemas/ids.ts";
import { storedResponseField } from "../../schemas/responses.ts";
import type { Queryable } from "../db/database.ts";
import { learners, memberships, responses, sessions } from "../db/schema.ts";
import type { RunTarget } from "../sessions/lesson-run.ts";

/** Can what a row holds be shown and counted? Rows come from every version there has been, and from copied folders. */
export const isReadable = (row: unknown): boolean => storedResponseField.safeParse(row).success;

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
  const key = `${mode === "card" || mode === "oral" ? mode : ""} ${word} ${target}`;
  let reading = READ.get(key);
  if (!reading) {
    reading = readTarget(mode, word, target);
    READ.set(key, reading);
  }
  return reading;
}

function readTarget(mode: ResponseMode, word: string, target: string): Segmentation {
  if (mode === "card") return cardReading(target.replace(" ", "="));
  if (mode === "sentence") return { word, units: [], cost: 0 };
  return mode === "oral" ? readOralTarget(word, target).reading : readReading(word, target);
}

/** What a row's answer is judged against. @returns undefined for a row that cannot be read */
export function judgedAgainst(row: ReadableParts): Pick<RunTarget, "reading" | "oral"> | undefined {
  const reading = targetOf(row);
  return reading && { reading, ...(row.mode === "oral" && { oral: readOralTarget(row.word, row.target) }) };
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

/** What of a row is needed to read it. */
type ReadableParts = Pick<WrittenResponse, "mode" | "word" | "target" | "answer" | "verdict">;

/** What was asked for in a row that can be counted. @returns undefined for one that cannot be read */
export function targetOf(row: ReadableParts): Segmentation | undefined {
  if (!isReadable(row)) return undefined;
  try {
    const target = targetRead(row.mode, row.word, row.target);
    return row.verdict.units.length === target.units.length ? target : undefined;
  } catch {
    // It names what is in no table any more.
    return undefined;
  }
}

/** A row as it was meant. @returns undefined for one that cannot be read */
function readRow(written: WrittenResponse): EvidenceResponse | undefined {
  const target = targetOf(written);
  return target && { ...written, target, at: new Date(written.at).toISOString() };
}

/** Whose responses are read, and which of them: all unless said. */
export interface RecordsOf {
  readonly groupId: GroupId;
  readonly learnerIds?: readonly LearnerId[];
  readonly which?: SQL | undefined;
}

/** Records are the learner's: who has moved takes them along, who is out of sight has them out of sight. */
const isOf = ({ groupId, learnerIds, which }: RecordsOf) =>
  and(
    eq(memberships.groupId, groupId),
    isNull(learners.putAwayAt),
    isNull(learners.eraseAt),
    learnerIds && inArray(responses.learnerId, [...learnerIds]),
    eq(responses.standing, true),
    which,
  );

/** Standing responses of a group's learners, wherever they were taught; oldest first. Those that cannot be read are left out. */
export async function readRecords(db: Queryable, of: RecordsOf): Promise<readonly EvidenceResponse[]> {
  const [found] = await db
    .select({ all: WRITTEN })
    .from(responses)
    .innerJoin(sessions, eq(sessions.id, responses.sessionId))
    .innerJoin(learners, eq(learners.id, responses.learnerId))
    .innerJoin(memberships, eq(memberships.learnerId, responses.learnerId))
    .where(isOf(of));
  const all = JSON.parse(found?.all ?? "[]") as WrittenResponse[];
  return all.flatMap((one) => readRow(one) ?? []);
}

/** A place among answers in order of time. */
export interface Moment {
  readonly at: string;
  readonly id: ResponseId;
}

/**
 * A group's newest standing responses, by id and time: of each learner the newest are taken, so that the others are never
 * looked at.
 *
 * @param before only those before it
 * @param count how many at most
 */
export async function newestOf(
  db: Queryable,
  { groupId, learnerIds, which }: RecordsOf,
  before: Moment | undefined,
  count: number,
): Promise<readonly Moment[]> {
  const { at, id } = responses;
  const isWanted = and(
    eq(responses.learnerId, learners.id),
    eq(responses.standing, true),
    which,
    before && sql`(${at}, ${id}) < (${before.at}::timestamptz, ${before.id}::uuid)`,
  );
  const { rows } = await db.execute(sql`select newest.id, newest.at::text as at from ${learners}
    join ${memberships} on ${memberships.learnerId} = ${learners.id}
    cross join lateral (select ${id}, ${at} from ${responses} where ${isWanted}
      order by ${at} desc, ${id} desc limit ${count}) newest
    where ${and(
      eq(memberships.groupId, groupId),
      isNull(learners.putAwayAt),
      isNull(learners.eraseAt),
      learnerIds && inArray(learners.id, [...learnerIds]),
    )}
    order by newest.at desc, newest.id desc limit ${count}`);
  return rows as unknown as readonly Moment[];
}
