import { z } from "zod";
import { MOST_ITEMS, MOST_PARTS, ORAL_SKILLS } from "../core/light.ts";
import { dateField, wordField } from "./fields.ts";
import { groupIdField } from "./ids.ts";
import { titleField } from "./saved.ts";
import { oralItemField } from "./set-content.ts";

export const newRoutineInput = z.object({
  groupId: groupIdField,
  title: titleField,
  parts: z
    .array(
      z.object({
        skill: z.enum(ORAL_SKILLS, "is not a skill of the list"),
        count: z
          .number()
          .int("a whole number")
          .min(1, "at least one item")
          .max(MOST_ITEMS, `at most ${MOST_ITEMS} items`),
      }),
    )
    .min(1, "a routine has at least one skill")
    .max(MOST_PARTS, `a routine has at most ${MOST_PARTS} skills`),
});

export const editRoutineInput = newRoutineInput.omit({ groupId: true });

export const dayField = dateField;

export const fillInput = z.object({
  words: z.array(wordField).max(60, "at most 60 words"),
  /** Fills the day anew, though it has been filled. */
  again: z.boolean().optional(),
});

export const editDayInput = z.object({
  part: z.number().int().min(0).max(MOST_PARTS),
  items: z.array(oralItemField).min(1).max(MOST_ITEMS),
});

export type NewRoutineInput = z.infer<typeof newRoutineInput>;

export type EditRoutineInput = z.infer<typeof editRoutineInput>;

export type FillInput = z.infer<typeof fillInput>;

export type EditDayInput = z.infer<typeof editDayInput>;
