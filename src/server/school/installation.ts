import { and, eq, isNull } from "drizzle-orm";
import type { TimeZoneInput } from "../../schemas/school.ts";
import type { Queryable } from "../db/database.ts";
import { readOnce } from "../db/read-once.ts";
import { installation } from "../db/schema.ts";

/** What tells a data folder from every other, and where its school is. */
export interface Installation {
  readonly workspaceId: string;
  /** As IANA names it (Europe/London); null until a browser has told it. */
  readonly timeZone: string | null;
}

const ONLY_ROW = 1;

/** The zone of the machine that Zip Step runs on: the school's own, as a rule. */
const machinesZone = () => new Intl.DateTimeFormat().resolvedOptions().timeZone;

/** Where the school is: as it was told, or else as this machine thinks. */
export const getTimeZone = async (db: Queryable): Promise<string> =>
  (await getInstallation(db)).timeZone ?? machinesZone();

/** Stores where the school is. @param input with `onlyIfUnset` what somebody has chosen stands */
export async function setTimeZone(db: Queryable, { timeZone, onlyIfUnset }: TimeZoneInput): Promise<Installation> {
  const isFree = onlyIfUnset ? isNull(installation.timeZone) : undefined;
  await db
    .update(installation)
    .set({ timeZone, updatedAt: new Date() })
    .where(and(eq(installation.id, ONLY_ROW), isFree));
  return getInstallation(db);
}

/** The row is made with the folder. @throws Error when it is not there */
export function getInstallation(db: Queryable): Promise<Installation> {
  return readOnce("installation", async () => {
    const [row] = await db.select().from(installation).where(eq(installation.id, ONLY_ROW));
    if (!row) throw new Error("The data folder does not say which it is.");
    return { workspaceId: row.workspaceId, timeZone: row.timeZone };
  });
}
