import { randomUUID } from "node:crypto";
import type { GroupId, LearnerId, SessionId } from "../../schemas/ids.ts";

/** A new id for a row: a random UUID. */
export const newId = <Id extends GroupId | LearnerId | SessionId>(): Id => randomUUID() as string as Id;
