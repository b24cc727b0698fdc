import { randomUUID } from "node:crypto";
import type { AnyId } from "../../schemas/ids.ts";

/** A new id for a row: a random UUID. */
export const newId = <Id extends AnyId>(): Id => randomUUID() as string as Id;
