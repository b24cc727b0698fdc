import { z } from "zod";
import { lineField } from "./fields.ts";

/** What something saved is called. */
export const titleField = lineField.min(1, "a title has at least one letter").max(80, "a title has at most 80 letters");

/** Another title; put away, or taken up again. What is not named stays. */
export const changeSavedInput = z
  .object({ title: titleField.optional(), putAway: z.boolean().optional() })
  .refine(
    ({ title, putAway }) => title !== undefined || putAway !== undefined,
    "say what is to change: title, putAway",
  );

export type ChangeSavedInput = z.infer<typeof changeSavedInput>;
