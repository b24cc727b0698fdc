import { and, eq, inArray, type SQL, sql } from "drizzle-orm";
import {
  type EvidenceFinding,
  type EvidenceWay,
  type GotOver,
  gotOver,
  MODES,
  partsOfGpcId,
  RESPONSE_MODES,
} from "../../core/index.ts";
import type { GroupId, LearnerId, ResponseId } from "../../schemas/ids.ts";
import type { Queryable } from "../db/database.ts";
import { readOnce } from "../db/read-once.ts";
import { responses } from "../db/schema.ts";
import { getTimeZone } from "../school/installation.ts";
import { getSchool } from "../school/school.ts";
import { answersIn } from "./assessment.ts";
import { readRecords } from "./read-records.ts";
import type { LearnerUnitCount } from "./totals.ts";
import { countedOf } from "./what-counts.ts";

/** A substitution that a learner has made in one way of working. */
export interface MadeSubstitution {
  readonly learnerId: string;
  readonly way: EvidenceWay;
  readonly gpc: string;
  readonly said: readonly string[];
}

/** A finding, and that it was got over where it was. */
export type StandingFinding = EvidenceFinding & { readonly gotOver?: GotOver };

/** So many of the newest answers with a correspondence decide whether a substitution of it was got over. */
const LOOKED_AT = 40;

const keyOf = ({ learnerId, way, gpc, said }: MadeSubstitution) => `${learnerId} ${way} ${gpc}>${said.join("+")}`;

/**
 * Which of some substitutions were got over: looked up are those that were not made in the learner's newest answers.
 *
 * @param counts all of the group's, or of the learner's
 * @returns what came after one of them; undefined for one that still stands
 */
export async function gotOverOf(
  db: Queryable,
  groupId: GroupId,
  counts: readonly LearnerUnitCount[],
  asked: readonly MadeSubstitution[],
): Promise<(made: MadeSubstitution) => GotOver | undefined> {
  const made = asked.flatMap((one) => {
    const since = lastMade(counts, one);
    return since === undefined ? [] : [{ ...one, since }];
  });
  if (made.length === 0) return () => undefined;
  const name = `got over ${groupId} ${made.map((one) => `${keyOf(one)} ${one.since}`).join()}`;
  const found = await readOnce(name, () => findGotOver(db, groupId, made));
  return (one) => found.get(keyOf(one));
}

/** A substitution, and when it was made for the last time as an ISO time. */
type MadeUntil = MadeSubstitution & { readonly since: string };

async function findGotOver(
  db: Queryable,
  groupId: GroupId,
  made: readonly MadeUntil[],
): Promise<ReadonlyMap<string, GotOver>> {
  const { mastery, counting } = await getSchool(db);
  const timeZone = await getTimeZone(db);
  const ids = await answersSince(db, made);
  const all = await readRecords(db, { groupId, which: inArray(responses.id, [...new Set(ids.flat())]) });
  const records = await countedOf(db, all, counting);
  const found = new Map<string, GotOver>();
  for (const [k, one] of made.entries()) {
    const own = new Set<string>(ids[k]);
    const over = gotOver(
      records.filter(({ id }) => own.has(id)).flatMap((record) => answersIn(record, timeZone)),
      one.gpc,
      mastery,
    );
    if (over) found.set(keyOf(one), over);
  }
  return found;
}

/** When a substitution was made for the last time; undefined where nothing of its correspondence came after it. */
function lastMade(counts: readonly LearnerUnitCount[], { learnerId, way, gpc, said }: MadeSubstitution) {
  const own = counts.filter((one) => one.learnerId === learnerId && one.way === way && one.gpc === gpc);
  const latestOf = (some: readonly LearnerUnitCount[]) =>
    some.reduce((last, { lastAt }) => (lastAt > last ? lastAt : last), "");
  const last = latestOf(own.filter((one) => one.said?.join("+") === said.join("+")));
  return last !== "" && latestOf(own.filter((one) => one.said === undefined)) > last ? last : undefined;
}

/** The newest answers after a time that hold a correspondence's letters, by substitution: one question for all. */
async function answersSince(db: Queryable, made: readonly MadeUntil[]): Promise<readonly (readonly ResponseId[])[]> {
  const { id, at } = responses;
  const rowOf = ({ learnerId, way, gpc, since }: MadeUntil, k: number): SQL => {
    const modes = RESPONSE_MODES.filter((mode) => MODES[mode].countedAs === way);
    // A target is written with its letters first: `sh.i.p ʃ.ɪ.p`.
    const letters = sql`'.' || translate(split_part(${responses.target}, ' ', 1), '/', '.') || '.'`;
    return sql`(select ${k}::int as asked, ${id} as id from ${responses} where ${and(
      eq(responses.learnerId, learnerId as LearnerId),
      eq(responses.standing, true),
      inArray(responses.mode, modes),
      sql`${at} > ${since}::timestamptz`,
      sql`strpos(${letters}, ${`.${partsOfGpcId(gpc).grapheme}.`}) > 0`,
    )} order by ${at} desc, ${id} desc limit ${LOOKED_AT})`;
  };
  const { rows } = await db.execute(sql.join(made.map(rowOf), sql` union all `));
  const ids: ResponseId[][] = made.map(() => []);
  for (const row of rows as unknown as readonly { asked: number; id: ResponseId }[]) ids[row.asked]?.push(row.id);
  return ids;
}

/** Findings with what was got over marked, and put behind what still stands. @param counts they were made from */
export async function withGotOver<Finding extends EvidenceFinding>(
  db: Queryable,
  groupId: GroupId,
  counts: readonly LearnerUnitCount[],
  findings: readonly Finding[],
): Promise<(Finding & { readonly gotOver?: GotOver })[]> {
  const over = await gotOverOf(
    db,
    groupId,
    counts,
    findings.filter(({ isNamed }) => isNamed),
  );
  const marked = findings.map((finding) => {
    const got = over(finding);
    return got ? { ...finding, gotOver: got } : finding;
  });
  return [...marked.filter((one) => !("gotOver" in one)), ...marked.filter((one) => "gotOver" in one)];
}
