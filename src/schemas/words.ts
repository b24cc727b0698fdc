import { z } from "zod";
import { idField } from "./fields.ts";

/** Whose taught set a word is held against. */
export const wordQuery = z.object({ groupId: idField });
