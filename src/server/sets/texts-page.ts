import { and, desc, eq, inArray, sql } from "drizzle-orm";
import { type GroupScope, MODES, RESPONSE_MODES, taughtGpcs } from "../../core/light.ts";
import type { GroupId } from "../../schemas/ids.ts";
import type { Queryable } from "../db/database.ts";
import { responses, sessions } from "../db/schema.ts";
import { proposalsFor } from "../evidence/proposals.ts";
import { groupScope } from "../groups/group-scope.ts";
import type { Group } from "../groups/groups.ts";
import { setInAddress } from "./set-in-address.ts";
import { listSets, type WordSet } from "./word-sets.ts";

/** Everything the Texts screen starts from. */
export interface TextsPage {
  readonly groups: readonly Group[];
  readonly group: Group;
  readonly scope: GroupScope;
  /** GPC ids that sentences are made for: what the records call for, then the newest. */
  readonly wanted: readonly string[];
  /** Words that somebody got wrong in the last lessons. */
  readonly watched: readonly string[];
  readonly sets: readonly Pick<WordSet, "id" | "title">[];
  readonly set: WordSet | undefined;
}

/** So many things are looked for without being asked for. */
const MOST_WANTED = 3;

/**
 * Gathers the Texts screen; null when there is no group yet.
 * @throws AppError "not-found" when the address names a group or set that does not exist
 */
export async function textsPage(
  db: Queryable,
  groupId: string | null,
  setId: string | null,
): Promise<TextsPage | null> {
  const { groups, group, set } = await setInAddress(db, groupId, setId);
  if (!group) return null;
  const scope = await groupScope(db, group);
  const called = (await proposalsFor(db, group, scope)).filter(({ isNamed }) => isNamed).map(({ gpc }) => gpc);
  const [newest] = taughtGpcs(scope);
  return {
    groups,
    group,
    scope,
    wanted: [...new Set([...called, ...(newest === undefined ? [] : [newest])])].slice(0, MOST_WANTED),
    watched: await wordsGotWrong(db, group.id),
    sets: (await listSets(db, group.id, ["text"])).map(({ id, title }) => ({ id, title })),
    set: set?.kind === "text" ? set : undefined,
  };
}

const LESSONS_LOOKED_AT = 3;
/** Ways of working in which a word was before a learner's eyes, or written. */
const WORD_MODES = RESPONSE_MODES.filter((mode) => MODES[mode].answersTo === "word");

async function wordsGotWrong(db: Queryable, groupId: GroupId): Promise<string[]> {
  const latest = await db
    .select({ id: sessions.id })
    .from(sessions)
    .where(eq(sessions.groupId, groupId))
    .orderBy(desc(sessions.startedAt))
    .limit(LESSONS_LOOKED_AT);
  if (latest.length === 0) return [];
  const rows = await db
    .selectDistinct({ word: responses.word })
    .from(responses)
    .where(
      and(
        inArray(
          responses.sessionId,
          latest.map(({ id }) => id),
        ),
        eq(responses.standing, true),
        inArray(responses.mode, WORD_MODES),
        sql`${responses.answer} ->> 'outcome' = 'wrong'`,
      ),
    );
  return rows.map(({ word }) => word);
}
