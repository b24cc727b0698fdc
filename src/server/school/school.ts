import { eq } from "drizzle-orm";
import { DEFAULT_PRACTICE, DEFAULT_SCHOOL, type SchoolSettings } from "../../core/light.ts";
import type { SchoolInput } from "../../schemas/school.ts";
import type { Queryable } from "../db/database.ts";
import { workspace } from "../db/schema.ts";

const ONLY_ROW = 1;

/** The choices of the school; the defaults until somebody chooses. */
export async function getSchool(db: Queryable): Promise<SchoolSettings> {
  const [row] = await db.select().from(workspace).where(eq(workspace.id, ONLY_ROW));
  // A row that is older than a choice has the default for it.
  return { ...DEFAULT_SCHOOL, ...row?.school, practice: { ...DEFAULT_PRACTICE, ...row?.school.practice } };
}

/** Stores the school's settings. @returns them as they are stored */
export async function saveSchool(db: Queryable, input: SchoolInput): Promise<SchoolSettings> {
  const school = { ...input, never: [...new Set(input.never)].sort() };
  await db
    .insert(workspace)
    .values({ id: ONLY_ROW, school })
    .onConflictDoUpdate({ target: workspace.id, set: { school, updatedAt: new Date() } });
  return school;
}
