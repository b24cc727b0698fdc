import { sql } from "drizzle-orm";

/** A check that a column holds one of some names. A new name takes a new migration. */
export const isOneOf = (column: string, names: readonly string[]) =>
  sql.raw(`${column} in (${names.map((name) => `'${name}'`).join(", ")})`);
