import { setIdField } from "../../schemas/ids.ts";
import type { Queryable } from "../db/database.ts";
import { type Group, listGroups } from "../groups/groups.ts";
import { AppError } from "../http/errors.ts";
import { idInAddress } from "../http/page.ts";
import { getSet, type WordSet } from "./word-sets.ts";

/**
 * The set that an address names and its group; without a set, the group named, or else the first one.
 *
 * @returns no group when there is none yet
 * @throws AppError "not-found" when the address names a group or set that does not exist
 */
export async function setInAddress(
  db: Queryable,
  groupId: string | null,
  setId: string | null,
): Promise<{ groups: readonly Group[]; group: Group | undefined; set: WordSet | undefined }> {
  const groups = await listGroups(db);
  const id = idInAddress(setIdField, setId);
  const set = id ? await getSet(db, id) : undefined;
  const wanted = set?.groupId ?? groupId;
  const group = wanted ? groups.find(({ id }) => id === wanted) : groups[0];
  if (wanted && !group) throw new AppError("not-found", "There is no such group.");
  return { groups, group, set };
}
