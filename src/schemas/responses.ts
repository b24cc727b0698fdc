import { z } from "zod";
import { RESPONSE_MODES } from "../core/light.ts";
import { answerField } from "./fields.ts";
import { learnerIdField, responseIdField, sessionIdField } from "./ids.ts";

export const newResponseInput = z.object({
  /** Made by the browser. */
  id: responseIdField,
  sessionId: sessionIdField,
  learnerId: learnerIdField,
  wordIndex: z.number().int().min(0),
  mode: z.enum(RESPONSE_MODES, `must be one of ${RESPONSE_MODES.join(", ")}`),
  answer: answerField,
  supersedes: responseIdField.nullable().default(null),
  /** True to take a mark back: the row supersedes it and counts for nothing. */
  withdrawn: z.boolean().default(false),
  at: z.iso.datetime({ offset: true, message: "must be a time such as 2026-11-24T09:30:00Z" }),
});

/** As it is parsed. */
export type NewResponse = z.infer<typeof newResponseInput>;
/** As a browser sends it, and keeps it until it is stored. */
export type SentResponse = Required<z.input<typeof newResponseInput>>;
