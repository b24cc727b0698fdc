import { z } from "zod";
import { MAX_STEPS } from "../core/light.ts";
import { gpcTokenField, lineField, patternField, sequenceIdField, wordField } from "./fields.ts";

export const nicknameField = lineField
  .min(1, "a nickname has at least one letter")
  .max(40, "a nickname has at most 40 letters");

export const newGroupInput = z.object({
  name: lineField.min(1, "a group needs a name").max(60, "a group's name has at most 60 letters"),
  sequenceId: sequenceIdField,
  step: z
    .number()
    .int("a step is a whole number")
    .min(1, "steps are counted from 1")
    .max(MAX_STEPS, `a sequence has at most ${MAX_STEPS} steps`),
  learners: z.array(nicknameField).max(40, "a group has at most 40 learners"),
});

const itemsField = z.object({
  gpcs: z.array(gpcTokenField).max(400, "at most 400"),
  patterns: z.array(patternField).max(40, "at most 40"),
  words: z.array(wordField).max(400, "at most 400"),
});

const ticksField = z.object({ add: itemsField, remove: itemsField });

/** Hand-ticks; with `base`, the ticks as they were when they were changed, what others did since is kept. */
export const ticksInput = ticksField.extend({ base: ticksField.optional() });

export type NewGroupInput = z.infer<typeof newGroupInput>;

export type TicksInput = z.infer<typeof ticksInput>;
