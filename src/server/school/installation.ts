import { eq } from "drizzle-orm";
import type { Queryable } from "../db/database.ts";
import { installation } from "../db/schema.ts";

/** What tells a data folder from every other, and where its school is. */
export interface Installation {
  readonly workspaceId: string;
  /** As IANA names it (Europe/London); null until a browser has told it. */
  readonly timeZone: string | null;
}

const ONLY_ROW = 1;

/** The row is made with the folder. @throws Error when it is not there */
export async function getInstallation(db: Queryable): Promise<Installation> {
  const [row] = await db.select().from(installation).where(eq(installation.id, ONLY_ROW));
  if (!row) throw new Error("The data folder does not say which it is.");
  return { workspaceId: row.workspaceId, timeZone: row.timeZone };
}
