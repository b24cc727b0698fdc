import { z } from "zod";
import { groupIdField } from "./ids.ts";
import { titleField } from "./saved.ts";

export const templateIdField = z.string().min(1).max(60);

/** Made from a group's next lesson, or as a copy of another template. */
export const newTemplateInput = z.union([
  z.object({ name: titleField, groupId: groupIdField }),
  z.object({ name: titleField, copyOf: templateIdField }),
]);

export type NewTemplateInput = z.infer<typeof newTemplateInput>;
