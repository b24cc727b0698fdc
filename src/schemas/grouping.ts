import { z } from "zod";
import { newGroupInput } from "./groups.ts";
import { groupIdField, learnerIdField } from "./ids.ts";

/** Learners who are to be together: in a group that there is, or in a new one. */
const partField = z.union([
  z.object({ groupId: groupIdField, learnerIds: z.array(learnerIdField).max(40, "a group has at most 40 learners") }),
  newGroupInput
    .omit({ learners: true })
    .extend({ learnerIds: z.array(learnerIdField).min(1, "somebody").max(40, "a group has at most 40 learners") }),
]);

/** All groups as they are to be, at once. */
export const groupingInput = z
  .object({ groups: z.array(partField).min(1, "one group at least").max(40, "at most 40 groups") })
  .refine(({ groups }) => {
    const ids = groups.flatMap(({ learnerIds }) => learnerIds);
    return new Set(ids).size === ids.length;
  }, "a learner is in one group");

export type GroupingInput = z.infer<typeof groupingInput>;
