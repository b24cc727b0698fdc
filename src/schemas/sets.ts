import { z } from "zod";
import { lineField } from "./fields.ts";
import { groupIdField } from "./ids.ts";
import { setContentField } from "./set-content.ts";

const titleField = lineField.max(80, "a title has at most 80 letters");

export const newSetInput = z.object({ groupId: groupIdField, title: titleField.optional(), content: setContentField });

export const editSetInput = newSetInput.omit({ groupId: true });

export type NewSetInput = z.infer<typeof newSetInput>;

export type EditSetInput = z.infer<typeof editSetInput>;
