import { z } from "zod";

/** Ids that Zip Step made. Branded, so that the compiler tells a learner's from a group's; at run time they are text. */
const made = z.uuid("must be an id that Zip Step made");

export const groupIdField = made.brand<"group">();
export const learnerIdField = made.brand<"learner">();
export const sessionIdField = made.brand<"session">();
/** Ids of what nothing else is taken for. */
export const idField = made;

export type GroupId = z.infer<typeof groupIdField>;
export type LearnerId = z.infer<typeof learnerIdField>;
export type SessionId = z.infer<typeof sessionIdField>;
