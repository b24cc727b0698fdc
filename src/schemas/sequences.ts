import { z } from "zod";
import { MAX_STEPS } from "../core/light.ts";
import { lineField } from "./fields.ts";

const rowField = z.object({
  name: lineField.max(200, "has at most 200 letters"),
  spellings: z.string().max(2000, "has at most 2,000 letters"),
  patterns: z.string().max(500, "has at most 500 letters"),
  irregularWords: z.string().max(2000, "has at most 2,000 letters"),
});

export const rowsInput = z.object({
  rows: z.array(rowField).max(MAX_STEPS, `a sequence has at most ${MAX_STEPS} steps`),
});

export const sequenceInput = rowsInput.extend({
  name: lineField.min(1, "a sequence needs a name").max(60, "a name has at most 60 letters"),
});

export const csvInput = z.object({ csv: z.string().max(200_000, "a file has at most 200,000 letters") });

export type SequenceInput = z.infer<typeof sequenceInput>;

const stepBound = z.coerce
  .number()
  .int("a step is a whole number")
  .min(0, "steps are counted from 1")
  .max(MAX_STEPS, `a sequence has at most ${MAX_STEPS} steps`);

/** Between which steps words are asked for that tell where a group stands. */
export const tellingWordsQuery = z.object({ above: stepBound, upTo: stepBound });
