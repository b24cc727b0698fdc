import {
  type EvidenceWay,
  isNamed,
  MODES,
  OUTCOME_DEFINITIONS,
  substitutionTable,
  taughtOf,
  type UnitCount,
  unitCounts,
} from "../../core/index.ts";
import type { LearnerId, SessionId } from "../../schemas/ids.ts";
import type { Queryable } from "../db/database.ts";
import { judgedAgainst } from "../evidence/read-records.ts";
import { sessionAnswers } from "../evidence/responses.ts";
import { scopeOfGroup } from "../groups/group-scope.ts";
import { getGroup } from "../groups/groups.ts";
import { askWords } from "../words/pool.ts";
import { getSession, recentWords } from "./sessions.ts";

/** What a lesson has shown so far of one learner and one sound. */
export interface SoFar {
  readonly learnerId: LearnerId;
  readonly nickname: string;
  readonly gpc: string;
  /** Phonemes said in its place; empty: left out. */
  readonly said: readonly string[];
  readonly way: EvidenceWay;
  readonly times: number;
  readonly chances: number;
  /** As often as a pattern asks for: more words would tell nothing new. */
  readonly isSure: boolean;
  /** Words that would make it sure, one step from the word on the screen. */
  readonly words: readonly string[];
}

/** Once may be chance. */
const LEAST_TIMES = 2;
const WORDS_OFFERED = 2;

/**
 * What has shown itself most in a lesson while it runs; undefined while nothing has.
 *
 * @param word the word on the screen, that others are to come after; undefined where none can be put in
 * @throws AppError "not-found"
 */
export async function soFar(
  db: Queryable,
  sessionId: SessionId,
  { word, after }: { readonly word?: string | undefined; readonly after?: string | undefined },
): Promise<SoFar | undefined> {
  const session = await getSession(db, sessionId);
  const group = await getGroup(db, session.groupId);
  const counts = new Map<string, { learnerId: LearnerId; way: EvidenceWay; units: UnitCount[] }>();
  for (const row of await sessionAnswers(db, sessionId)) {
    const way = MODES[row.mode]?.countedAs;
    const target = judgedAgainst(row);
    if (!way || way === "heard" || !target || OUTCOME_DEFINITIONS[row.answer.outcome].countsAs === "together") continue;
    const key = `${row.learnerId} ${way}`;
    const own = counts.get(key) ?? { learnerId: row.learnerId, way, units: [] };
    counts.set(key, own);
    own.units.push(...unitCounts({ target: target.reading, verdict: row.verdict }));
  }
  const [first] = [...counts.values()]
    .flatMap(({ learnerId, way, units }) =>
      substitutionTable(units).flatMap(({ gpc, chances, interval, substitutions: [most] }) =>
        most && most.count >= LEAST_TIMES
          ? [{ learnerId, way, gpc, said: most.said, times: most.count, chances, low: interval.low }]
          : [],
      ),
    )
    .sort((a, b) => b.low - a.low || b.times - a.times);
  if (!first) return undefined;
  const { low: _, ...told } = first;
  const isSure = isNamed(told);
  const nickname = group.learners.find(({ id }) => id === told.learnerId)?.nickname ?? "";
  if (isSure || word === undefined) return { ...told, nickname, isSure, words: [] };
  const scope = await scopeOfGroup(db, session.groupId);
  const { never, allowLists } = scope.school;
  const request = {
    ...{ taught: taughtOf(scope), never, allowLists, gpc: told.gpc, before: word },
    ...{ taken: session.words, recent: await recentWords(db, session.groupId) },
    ...(after !== undefined && { after }),
  };
  return { ...told, nickname, isSure, words: await askWords("wordsThatTell", request, WORDS_OFFERED) };
}
