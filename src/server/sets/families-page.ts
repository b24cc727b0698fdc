import { type GroupScope, isPattern, type RecordedSubstitution } from "../../core/light.ts";
import type { Queryable } from "../db/database.ts";
import { rowsByLearner } from "../evidence/evidence.ts";
import { groupScope } from "../groups/group-scope.ts";
import type { Group } from "../groups/groups.ts";
import { recentWords } from "../sessions/sessions.ts";
import { setInAddress } from "./set-in-address.ts";
import { listSets, type WordSet } from "./word-sets.ts";

export interface LearnerSubstitution extends RecordedSubstitution {
  readonly learner: string;
}

/** Everything the Families screen starts from. */
export interface FamiliesPage {
  readonly groups: readonly Group[];
  readonly group: Group;
  readonly scope: GroupScope;
  /** What the records of its learners show, most telling first. */
  readonly substitutions: readonly LearnerSubstitution[];
  readonly recent: readonly string[];
  readonly sets: readonly Pick<WordSet, "id" | "title" | "kind">[];
  /** The set that is open. */
  readonly set: WordSet | undefined;
}

const MOST_SUBSTITUTIONS = 6;

/**
 * Gathers the Families screen; null when there is no group yet.
 * @throws AppError "not-found" when the address names a group or set that does not exist
 */
export async function familiesPage(
  db: Queryable,
  groupId: string | null,
  setId: string | null,
): Promise<FamiliesPage | null> {
  const { groups, group, set } = await setInAddress(db, groupId, setId);
  if (!group) return null;
  return {
    groups,
    group,
    scope: await groupScope(db, group),
    substitutions: await substitutionsOf(db, group),
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
export async function substitutionsOf(db: Queryable, group: Group): Promise<LearnerSubstitution[]> {
  const rows = await rowsByLearner(db, { groupId: group.id }, "read");
  const found = [];
  for (const learner of group.learners)
    for (const row of rows.get(learner.id) ?? []) {
      const [top] = row.substitutions;
      if (!top || top.said.length === 0 || !isPattern(row)) continue;
      const substitution = { gpc: row.gpc, said: top.said, times: top.count, chances: row.chances };
      found.push({ substitution: { ...substitution, learner: learner.nickname }, low: row.interval.low });
    }
  return found
    .sort((a, b) => b.low - a.low)
    .slice(0, MOST_SUBSTITUTIONS)
    .map(({ substitution }) => substitution);
}
