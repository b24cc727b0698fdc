import type { Queryable } from "../db/database.ts";
import { type Group, type HiddenGroup, hiddenGroups, listGroups } from "./groups.ts";
import { type KnownLearner, listLearners } from "./learners.ts";

export interface PeoplePage {
  readonly groups: readonly Group[];
  readonly hiddenGroups: readonly HiddenGroup[];
  /** Everybody, those out of sight too. */
  readonly learners: readonly KnownLearner[];
}

/** Gathers the People screen. */
export async function peoplePage(db: Queryable): Promise<PeoplePage> {
  return { groups: await listGroups(db), hiddenGroups: await hiddenGroups(db), learners: await listLearners(db) };
}
