import { eq } from "drizzle-orm";
import { DEFAULT_SCHOOL, type SchoolSettings } from "../../core/light.ts";
import type { SchoolChangeInput } from "../../schemas/school.ts";
import type { Queryable } from "../db/database.ts";
import { mergeChoices } from "../db/merge-choices.ts";
import { readOnce } from "../db/read-once.ts";
import { workspace } from "../db/schema.ts";

const ONLY_ROW = 1;

/** The choices of the school; the defaults until somebody chooses. */
export function getSchool(db: Queryable): Promise<SchoolSettings> {
  return readOnce("school", async () => {
    const [row] = await db.select().from(workspace).where(eq(workspace.id, ONLY_ROW));
    return row?.school ?? DEFAULT_SCHOOL;
  });
}

/** Stores the school's settings, together with what others have changed since. @returns them as they are stored */
export async function saveSchool(db: Queryable, { base, ...input }: SchoolChangeInput): Promise<SchoolSettings> {
  const merged: SchoolSettings = base ? mergeChoices<SchoolSettings>(base, input, await getSchool(db)) : input;
  // Of two who say one word in two ways the later one stands.
  const ownWords = [...new Map((merged.accent.ownWords ?? []).map((own) => [own.word, own])).values()];
  const accent = { ...merged.accent, ownWords: ownWords.length > 0 ? ownWords : undefined };
  const school = { ...merged, accent, never: [...new Set(merged.never)].sort() };
  await db
    .insert(workspace)
    .values({ id: ONLY_ROW, school })
    .onConflictDoUpdate({ target: workspace.id, set: { school, updatedAt: new Date() } });
  return school;
}
