import { z } from "zod";
import { newGroupInput, nicknameField } from "./groups.ts";
import { groupIdField } from "./ids.ts";

/** What is changed in a group: what it is called, where it stands, whether it is in sight. */
export const groupChangeInput = z
  .object({
    name: newGroupInput.shape.name.optional(),
    sequenceId: newGroupInput.shape.sequenceId.optional(),
    step: newGroupInput.shape.step.optional(),
    /** True: out of sight, with its records kept. */
    putAway: z.boolean().optional(),
  })
  .refine((change) => (change.sequenceId === undefined) === (change.step === undefined), {
    message: "a step is a step of an order of teaching: send both",
    path: ["step"],
  })
  .refine((change) => Object.values(change).some((one) => one !== undefined), "says nothing to change");

/** What is changed in a learner: the nickname, the group, whether they are in sight. */
export const learnerChangeInput = z
  .object({
    nickname: nicknameField.optional(),
    groupId: groupIdField.optional(),
    putAway: z.boolean().optional(),
  })
  .refine((change) => Object.values(change).some((one) => one !== undefined), "says nothing to change");

export const newLearnerInput = z.object({ nickname: nicknameField });

export type GroupChangeInput = z.infer<typeof groupChangeInput>;
export type LearnerChangeInput = z.infer<typeof learnerChangeInput>;
