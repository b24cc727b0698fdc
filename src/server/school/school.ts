import { eq } from "drizzle-orm";
import { z } from "zod";
import {
  ACCENTS,
  DEFAULT_MASTERY,
  DEFAULT_PRACTICE,
  DEFAULT_SCHOOL,
  MERGERS,
  type SchoolSettings,
} from "../../core/light.ts";
import type { Queryable } from "../db/database.ts";
import { workspace } from "../db/schema.ts";
import { practiceField, wordField } from "../http/fields.ts";

const ONLY_ROW = 1;

const masteryField = z
  .object({
    right: z.number().int().min(1, "at least 1").max(20, "at most 20"),
    of: z.number().int().min(1, "at least 1").max(20, "at most 20"),
    days: z.number().int().min(1, "at least one day").max(5, "at most 5 days"),
  })
  .refine(({ right, of }) => right <= of, "cannot ask for more right answers than answers");

export const schoolInput = z.object({
  accent: z.object({
    accent: z.enum(ACCENTS, `must be one of ${ACCENTS.join(", ")}`),
    mergers: z.array(z.enum(MERGERS, `must be one of ${MERGERS.join(", ")}`)),
  }),
  taps: z.object({ clustersTogether: z.boolean(), vowelNasalTogether: z.boolean() }),
  allowNotEverySchool: z.boolean(),
  practice: practiceField.default(DEFAULT_PRACTICE),
  mastery: masteryField.default(DEFAULT_MASTERY),
  never: z.array(wordField).max(2000, "at most 2,000 words"),
});

/** The choices of the school; the defaults until somebody chooses. */
export async function getSchool(db: Queryable): Promise<SchoolSettings> {
  const [row] = await db.select().from(workspace).where(eq(workspace.id, ONLY_ROW));
  // A row that is older than a choice has the default for it.
  return { ...DEFAULT_SCHOOL, ...row?.school, practice: { ...DEFAULT_PRACTICE, ...row?.school.practice } };
}

export async function saveSchool(db: Queryable, input: z.infer<typeof schoolInput>): Promise<SchoolSettings> {
  const school = { ...input, never: [...new Set(input.never)].sort() };
  await db
    .insert(workspace)
    .values({ id: ONLY_ROW, school })
    .onConflictDoUpdate({ target: workspace.id, set: { school, updatedAt: new Date() } });
  return school;
}
