import { z } from "zod";
import { lineField } from "./fields.ts";
import { groupIdField } from "./ids.ts";

export const newTemplateInput = z.object({
  name: lineField.min(1, "a template has a name").max(60, "a name has at most 60 letters"),
  /** Whose next lesson it is made from. */
  groupId: groupIdField,
});

export type NewTemplateInput = z.infer<typeof newTemplateInput>;
