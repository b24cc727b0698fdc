import type { GroupScope, RecordedSlip } from "../core/light.ts";
import type { Queryable } from "./db/database.ts";
import { AppError } from "./errors.ts";
import { evidenceReport } from "./evidence.ts";
import { type Group, listGroups } from "./groups.ts";
import { isUuid } from "./page.ts";
import { groupScope } from "./scope.ts";
import { recentWords } from "./sessions.ts";
import { getSet, listSets, type WordSet } from "./word-sets.ts";

/** Everything the Families screen starts from. */
export interface FamiliesPage {
  readonly groups: readonly Group[];
  readonly group: Group;
  readonly scope: GroupScope;
  /** What the group's records show, most telling first. */
  readonly slips: readonly RecordedSlip[];
  readonly recent: readonly string[];
  readonly sets: readonly Pick<WordSet, "id" | "title" | "kind">[];
  /** The set that is open. */
  readonly set: WordSet | undefined;
}

const SLIPS = 6;

/**
 * Gathers the Families screen; null when there is no group yet.
 * @throws AppError "not-found" when the address names a group or set that does not exist
 */
export async function familiesPage(
  db: Queryable,
  groupId: string | null,
  setId: string | null,
): Promise<FamiliesPage | null> {
  const groups = await listGroups(db);
  const set = setId && isUuid(setId) ? await getSet(db, setId) : undefined;
  const wanted = set?.groupId ?? groupId;
  const group = wanted ? groups.find(({ id }) => id === wanted) : groups[0];
  if (wanted && !group) throw new AppError("not-found", "There is no such group.");
  if (!group) return null;
  return {
    groups,
    group,
    scope: await groupScope(db, group),
    slips: await slipsOf(db, group.id),
    recent: await recentWords(db, group.id),
    sets: (await listSets(db, group.id, ["family", "sort", "pairs"])).map(({ id, title, kind }) => ({
      id,
      title,
      kind,
    })),
    set,
  };
}

/** What is read as what in a group, as far as it is a pattern. */
async function slipsOf(db: Queryable, groupId: string): Promise<RecordedSlip[]> {
  const { rows } = await evidenceReport(db, { group: groupId });
  return rows
    .flatMap((row): RecordedSlip[] => {
      const [top] = row.saidInstead;
      if (!top || top.said === "" || !row.pattern) return [];
      const said = top.said.split("+");
      return [{ gpc: row.gpc, said, times: top.responses.length, chances: row.chances.length }];
    })
    .slice(0, SLIPS);
}
