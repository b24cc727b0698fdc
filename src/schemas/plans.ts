import { z } from "zod";
import { ACTIVITY_KIND_IDS, LONGEST_LESSON, SHORTEST_LESSON } from "../core/light.ts";
import { aimField, practiceField, wordField } from "./fields.ts";
import { chainIdField, idField, setIdField } from "./ids.ts";
import { templateIdField } from "./templates.ts";

export const LONGEST_PLAN = 90;

export const MOST_ACTIVITIES = 30;

const minutesField = z.number().min(0.5, "at least half a minute").max(LONGEST_PLAN, `at most ${LONGEST_PLAN} minutes`);

const changedPlanField = z.object({
  minutes: z
    .number()
    .int("a whole number of minutes")
    .min(5, "at least 5 minutes")
    .max(LONGEST_PLAN, `at most ${LONGEST_PLAN} minutes`),
  activities: z
    .array(
      z.object({
        id: idField,
        minutes: minutesField,
        ifTime: z.boolean().optional(),
        settings: practiceField.optional(),
      }),
    )
    .max(MOST_ACTIVITIES, `at most ${MOST_ACTIVITIES} activities`),
});

/** A plan changed by hand; with `base`, the plan as it was when it was changed, what others did since is kept. */
export const planInput = changedPlanField.extend({ base: changedPlanField.optional() });

/** The version of a plan that something is asked of; where it is given and another is stored, nothing is done. */
const versionField = z
  .number()
  .int()
  .min(0)
  .max(2 ** 31)
  .optional();

export const draftInput = aimField.extend({
  minutes: z
    .number()
    .int("a whole number of minutes")
    .min(SHORTEST_LESSON, `at least ${SHORTEST_LESSON} minutes`)
    .max(LONGEST_LESSON, `at most ${LONGEST_LESSON} minutes`),
  seed: z
    .number()
    .int()
    .min(0)
    .max(2 ** 31),
  templateId: templateIdField.optional(),
  version: versionField,
});

/** An activity of a kind, filled with the words of the lesson; texts are the teacher's own. */
export const addKindInput = aimField.extend({
  kind: z.enum(ACTIVITY_KIND_IDS, `must be one of ${ACTIVITY_KIND_IDS.join(", ")}`),
  text: z.string().trim().max(1000, "at most 1,000 letters").optional(),
  /** A saved text, whose sentences are used. */
  textId: setIdField.optional(),
  seed: z
    .number()
    .int()
    .min(0)
    .max(2 ** 31),
});

/** What is put into a lesson: a saved chain, a saved set, or an activity of a kind. */
export const newActivityInput = z.union([
  z.object({ chainId: chainIdField }),
  z.object({ setId: setIdField }),
  addKindInput,
]);

/** What a teacher changes in a drafted activity. */
export const editActivityInput = z.object({
  words: z.array(wordField).min(1, "at least one word").max(40, "at most 40 words").optional(),
  contexts: z.array(z.string().trim().min(1).max(200, "a sentence has at most 200 letters")).max(20).optional(),
  sentences: z.array(z.string().trim().min(1).max(200, "a sentence has at most 200 letters")).max(10).optional(),
  keyWord: z.string().trim().max(30, "a key word has at most 30 letters").optional(),
  text: z.string().trim().max(1000, "at most 1,000 letters").optional(),
});

export type DraftInput = z.infer<typeof draftInput>;

export type AddKindInput = z.infer<typeof addKindInput>;

export type EditActivityInput = z.infer<typeof editActivityInput>;
