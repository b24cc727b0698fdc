import { getTableColumns } from "drizzle-orm";
import type { PgTable } from "drizzle-orm/pg-core";
import type { Queryable } from "./database.ts";
import { chains, plans, routines, sequences, sessions, templates, wordSets, workspace } from "./schema.ts";

/** Tables with JSON columns, by what their rows are called. Answers of learners are counted on Evidence. */
const TABLES = {
  chain: chains,
  set: wordSets,
  routine: routines,
  template: templates,
  plan: plans,
  lesson: sessions,
  sequence: sequences,
  setting: workspace,
} as const satisfies Record<string, PgTable>;

export interface UnreadableRows {
  /** What such a row is called. */
  readonly name: string;
  readonly count: number;
}

/** How many rows hold what this version cannot read: they are left out wherever they would be shown, and kept. */
export async function unreadableRows(db: Queryable): Promise<UnreadableRows[]> {
  const found: UnreadableRows[] = [];
  for (const [name, table] of Object.entries(TABLES)) {
    const required = Object.entries(getTableColumns(table)).filter(([, column]) => column.notNull);
    const rows: Record<string, unknown>[] = await db.select().from(table as PgTable);
    const count = rows.filter((row) => required.some(([field]) => row[field] === undefined)).length;
    if (count > 0) found.push({ name, count });
  }
  return found;
}
