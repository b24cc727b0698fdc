import { type SchoolSettings, wordsOfSet } from "../../core/light.ts";
import { listChains } from "../chains/chains.ts";
import type { Queryable } from "../db/database.ts";
import type { Group } from "../groups/groups.ts";
import { getSchool } from "../school/school.ts";
import { listRoutines, type Routine } from "./routines.ts";
import { setInAddress } from "./set-in-address.ts";
import { listSets, type WordSet } from "./word-sets.ts";

/** Words a lesson is made of: a chain or a family set of the group. */
export interface WordSource {
  readonly id: string;
  readonly title: string;
  readonly words: readonly string[];
}

/** Everything the Ears-only screen starts from. */
export interface EarsOnlyPage {
  readonly groups: readonly Group[];
  readonly group: Group;
  readonly school: SchoolSettings;
  /** The one touched last first. */
  readonly sources: readonly WordSource[];
  readonly routines: readonly Routine[];
  readonly sets: readonly Pick<WordSet, "id" | "title">[];
  readonly set: WordSet | undefined;
}

const SOURCES = 20;

/**
 * Gathers the Ears-only screen; null when there is no group yet.
 * @throws AppError "not-found" when the address names a group or set that does not exist
 */
export async function earsOnlyPage(
  db: Queryable,
  groupId: string | null,
  setId: string | null,
): Promise<EarsOnlyPage | null> {
  const { groups, group, set } = await setInAddress(db, groupId, setId);
  if (!group) return null;
  const chains = (await listChains(db, group.id)).map(({ id, title, words, updatedAt }) => ({
    id,
    title,
    words,
    updatedAt,
  }));
  const families = (await listSets(db, group.id, ["family"])).map(({ id, title, content, updatedAt }) => ({
    id,
    title,
    words: wordsOfSet(content),
    updatedAt,
  }));
  return {
    groups,
    group,
    school: await getSchool(db),
    sources: [...chains, ...families]
      .sort((a, b) => (a.updatedAt < b.updatedAt ? 1 : -1))
      .slice(0, SOURCES)
      .map(({ updatedAt: _, ...source }) => source),
    routines: await listRoutines(db, group.id),
    sets: (await listSets(db, group.id, ["ears-only"])).map(({ id, title }) => ({ id, title })),
    set,
  };
}
