import { type GroupScope, isPattern, type RecordedSlip } from "../core/light.ts";
import type { Queryable } from "./db/database.ts";
import { AppError } from "./errors.ts";
import { tableOf } from "./evidence.ts";
import { type Group, listGroups } from "./groups.ts";
import { isUuid } from "./page.ts";
import { type EvidenceResponse, evidenceResponses } from "./responses.ts";
import { groupScope } from "./scope.ts";
import { recentWords } from "./sessions.ts";
import { getSet, listSets, type WordSet } from "./word-sets.ts";

export interface LearnerSlip extends RecordedSlip {
  readonly learner: string;
}

/** Everything the Families screen starts from. */
export interface FamiliesPage {
  readonly groups: readonly Group[];
  readonly group: Group;
  readonly scope: GroupScope;
  /** What the records of its learners show, most telling first. */
  readonly slips: readonly LearnerSlip[];
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
    slips: await slipsOf(db, group),
    recent: await recentWords(db, group.id),
    sets: (await listSets(db, group.id, ["family", "sort", "pairs"])).map(({ id, title, kind }) => ({
      id,
      title,
      kind,
    })),
    set,
  };
}

/** What each learner reads as what, as far as it is a pattern; the surest first. */
export async function slipsOf(db: Queryable, group: Group): Promise<LearnerSlip[]> {
  return slipsIn(await evidenceResponses(db, { groupId: group.id }), group);
}

/** The same from records at hand. */
export function slipsIn(records: readonly EvidenceResponse[], group: Group): LearnerSlip[] {
  const found = [];
  for (const learner of group.learners) {
    const own = records.filter(({ learnerId }) => learnerId === learner.id);
    for (const row of tableOf(own, "read")) {
      const [top] = row.saidInstead;
      if (!top || top.said === "" || !isPattern(row)) continue;
      const said = top.said.split("+");
      const slip = { gpc: row.gpc, said, times: top.responses.length, chances: row.chances.length };
      found.push({ slip: { ...slip, learner: learner.nickname }, low: row.interval.low });
    }
  }
  return found
    .sort((a, b) => b.low - a.low)
    .slice(0, SLIPS)
    .map(({ slip }) => slip);
}
