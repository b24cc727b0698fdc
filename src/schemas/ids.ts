import { z } from "zod";

/** Ids that Zip Step made. Branded, so that the compiler tells a learner's from a group's; at run time they are text. */
const made = z.uuid("must be an id that Zip Step made");

export const groupIdField = made.brand<"group">();
export const learnerIdField = made.brand<"learner">();
export const sessionIdField = made.brand<"session">();
export const chainIdField = made.brand<"chain">();
export const setIdField = made.brand<"set">();
export const routineIdField = made.brand<"routine">();
export const responseIdField = made.brand<"response">();
/** Ids of what nothing else is taken for. */
export const idField = made;

export type GroupId = z.infer<typeof groupIdField>;
export type LearnerId = z.infer<typeof learnerIdField>;
export type SessionId = z.infer<typeof sessionIdField>;
export type ChainId = z.infer<typeof chainIdField>;
export type SetId = z.infer<typeof setIdField>;
export type RoutineId = z.infer<typeof routineIdField>;
export type ResponseId = z.infer<typeof responseIdField>;
/** Any of them. */
export type AnyId = GroupId | LearnerId | SessionId | ChainId | SetId | RoutineId | ResponseId;
