import { z } from "zod";
import { sequenceIdField } from "../../schemas/fields.ts";
import {
  chainIdField,
  groupIdField,
  learnerIdField,
  routineIdField,
  sessionIdField,
  setIdField,
} from "../../schemas/ids.ts";
import { dayField } from "../../schemas/routines.ts";
import { templateIdField } from "../../schemas/templates.ts";
import { notFound } from "./errors.ts";

/** Every parameter an address can have, one definition each: its schema, and what it names. */
export const PARAMS = {
  groupId: { schema: groupIdField, names: "group" },
  learnerId: { schema: learnerIdField, names: "learner" },
  planId: { schema: groupIdField, names: "plan" },
  activityId: { schema: z.string().min(1).max(60), names: "activity" },
  backupId: { schema: z.string().min(1).max(100), names: "backup" },
  chainId: { schema: chainIdField, names: "chain" },
  setId: { schema: setIdField, names: "set" },
  routineId: { schema: routineIdField, names: "routine" },
  day: { schema: dayField, names: "day" },
  sequenceId: { schema: sequenceIdField, names: "sequence" },
  sessionId: { schema: sessionIdField, names: "session" },
  templateId: { schema: templateIdField, names: "template" },
  word: { schema: z.string().min(1).max(200), names: "word" },
} as const satisfies Record<string, { readonly schema: z.ZodType<string>; readonly names: string }>;

export type ParamName = keyof typeof PARAMS;

/** What a parameter is once it is parsed. */
export type ParamValue<Name> = Name extends ParamName ? z.infer<(typeof PARAMS)[Name]["schema"]> : never;

/** A parameter of an address, parsed. @throws AppError "not-found": what cannot be one names nothing */
export function parseParam<Name extends ParamName>(name: Name, value: string | undefined): ParamValue<Name> {
  const { schema, names } = PARAMS[name];
  const parsed = schema.safeParse(value);
  if (!parsed.success) throw notFound(names);
  return parsed.data as ParamValue<Name>;
}
