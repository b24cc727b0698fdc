import type { GroupScope } from "../../core/light.ts";
import type { GroupId } from "../../schemas/ids.ts";
import type { Queryable } from "../db/database.ts";
import { getSchool } from "../school/school.ts";
import { getSequence } from "../school/sequences.ts";
import { type Group, getGroup } from "./groups.ts";

/** Everything that decides what may be put before a group. @throws AppError "not-found" */
export async function groupScope(db: Queryable, group: Group): Promise<GroupScope> {
  return {
    sequence: await getSequence(db, group.sequenceId),
    step: group.step,
    ticks: group.ticks,
    school: await getSchool(db),
  };
}

/** The same by the group's id. @throws AppError "not-found" */
export async function scopeOfGroup(db: Queryable, groupId: GroupId): Promise<GroupScope> {
  return groupScope(db, await getGroup(db, groupId));
}
