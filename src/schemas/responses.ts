import { z } from "zod";
import { OUTCOMES, RESPONSE_MODES, UNIT_RESULTS } from "../core/light.ts";
import { answerField, momentField, typedField } from "./fields.ts";
import { learnerIdField, responseIdField, sessionIdField } from "./ids.ts";

/** A sentence of a dictation is its own name. */
const LONGEST_NAME = 320;

export const newResponseInput = z.object({
  /** Made by the browser. */
  id: responseIdField,
  sessionId: sessionIdField,
  learnerId: learnerIdField,
  wordIndex: z.number().int().min(0).max(10_000),
  /** What stands there on the page that sends it; a page that is behind is told so. */
  word: z.string().max(LONGEST_NAME).optional(),
  mode: z.enum(RESPONSE_MODES, `must be one of ${RESPONSE_MODES.join(", ")}`),
  answer: answerField,
  supersedes: responseIdField.nullable().default(null),
  /** True to take a mark back: the row supersedes it and counts for nothing. */
  withdrawn: z.boolean().default(false),
  /** Made on paper, and typed in afterwards: it is no late one. */
  onPaper: z.boolean().optional(),
  at: momentField,
});

/** What a teacher is typing of an answer, to be judged before it is kept. */
export const typedAnswerInput = z.object({
  wordIndex: newResponseInput.shape.wordIndex,
  mode: newResponseInput.shape.mode,
  typed: typedField,
});

export type TypedAnswerInput = z.infer<typeof typedAnswerInput>;

/** What the parts of a stored row must be for it to be shown and counted. */
export const storedResponseField = z.object({
  mode: z.enum(RESPONSE_MODES),
  answer: z.object({
    outcome: z.enum(OUTCOMES),
    substitutions: z.array(z.object({ unit: z.number(), said: z.array(z.string()) })),
    built: z.array(z.array(z.string())).optional(),
    typed: z.string().optional(),
  }),
  verdict: z.object({ units: z.array(z.object({ result: z.enum(UNIT_RESULTS), said: z.array(z.string()) })) }),
});

/** As it is parsed. */
export type NewResponse = z.infer<typeof newResponseInput>;
/** As a browser sends it, and keeps it until it is stored. */
export type SentResponse = Required<Omit<z.input<typeof newResponseInput>, "word" | "onPaper">> & {
  readonly word?: string;
  readonly onPaper?: boolean;
};
