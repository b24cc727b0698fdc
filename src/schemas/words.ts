import { z } from "zod";
import { groupIdField } from "./ids.ts";

/** Whose taught set a word is held against. */
export const wordQuery = z.object({ groupId: groupIdField });
