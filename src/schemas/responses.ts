import { z } from "zod";
import { RESPONSE_MODES } from "../core/light.ts";
import { answerField, idField } from "./fields.ts";

export const newResponseInput = z.object({
  /** Made by the browser. */
  id: idField,
  sessionId: idField,
  learnerId: idField,
  wordIndex: z.number().int().min(0),
  mode: z.enum(RESPONSE_MODES, `must be one of ${RESPONSE_MODES.join(", ")}`),
  answer: answerField,
  supersedes: idField.nullable().default(null),
  /** True to take a mark back: the row supersedes it and counts for nothing. */
  withdrawn: z.boolean().default(false),
  at: z.iso.datetime({ offset: true, message: "must be a time such as 2026-11-24T09:30:00Z" }),
});

export type NewResponse = z.infer<typeof newResponseInput>;
