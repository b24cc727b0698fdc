import { randomUUID } from "node:crypto";
import { formatISO, parseISO, subDays } from "date-fns";
import { and, desc, eq, gte, lt } from "drizzle-orm";
import { z } from "zod";
import {
  type FilledPart,
  fillRoutine,
  MOST_ITEMS,
  MOST_PARTS,
  ORAL_SKILLS,
  type RoutinePart,
} from "../../core/index.ts";
import type { Queryable } from "../db/database.ts";
import { routineDays, routines } from "../db/schema.ts";
import { getGroup } from "../groups/groups.ts";
import { notFound } from "../http/errors.ts";
import { idField, wordField } from "../http/fields.ts";
import { getSchool } from "../school/school.ts";
import { oralItemField } from "./set-fields.ts";

export interface Routine {
  readonly id: string;
  readonly groupId: string;
  readonly title: string;
  readonly parts: readonly RoutinePart[];
}

/** A routine as it is filled for one day. */
export interface RoutineDay {
  readonly routineId: string;
  /** ISO 8601 date. */
  readonly day: string;
  readonly parts: readonly FilledPart[];
}

export const newRoutineInput = z.object({
  groupId: idField,
  title: z.string().trim().min(1, "a routine needs a name").max(60, "a name has at most 60 letters"),
  parts: z
    .array(
      z.object({
        skill: z.enum(ORAL_SKILLS, "is not a skill of the list"),
        count: z
          .number()
          .int("a whole number")
          .min(1, "at least one item")
          .max(MOST_ITEMS, `at most ${MOST_ITEMS} items`),
      }),
    )
    .min(1, "a routine has at least one skill")
    .max(MOST_PARTS, `a routine has at most ${MOST_PARTS} skills`),
});
export const editRoutineInput = newRoutineInput.omit({ groupId: true });

const dayField = z.iso.date("is not a date like 2026-11-25");

export const fillInput = z.object({
  day: dayField,
  words: z.array(wordField).max(60, "at most 60 words"),
  /** Fills the day anew, though it has been filled. */
  again: z.boolean().optional(),
});

export const editDayInput = z.object({
  day: dayField,
  part: z.number().int().min(0).max(MOST_PARTS),
  items: z.array(oralItemField).min(1).max(MOST_ITEMS),
});

/** Items of so many days do not come again. */
const DAYS_WITHOUT_REPEAT = 7;

const toRoutine = ({ id, groupId, title, parts }: typeof routines.$inferSelect): Routine => ({
  id,
  groupId,
  title,
  parts,
});

/** A group's routines, the one touched last first. */
export async function listRoutines(db: Queryable, groupId: string): Promise<Routine[]> {
  await getGroup(db, groupId);
  const rows = await db.select().from(routines).where(eq(routines.groupId, groupId)).orderBy(desc(routines.updatedAt));
  return rows.map(toRoutine);
}

/** @throws AppError "not-found" */
export async function getRoutine(db: Queryable, id: string): Promise<Routine> {
  const [row] = await db.select().from(routines).where(eq(routines.id, id));
  if (!row) throw notFound("routine");
  return toRoutine(row);
}

/** @throws AppError "not-found" when there is no such group */
export async function createRoutine(db: Queryable, input: z.infer<typeof newRoutineInput>): Promise<Routine> {
  await getGroup(db, input.groupId);
  const id = randomUUID();
  await db.insert(routines).values({ id, ...input });
  return getRoutine(db, id);
}

/** @throws AppError "not-found" */
export async function editRoutine(
  db: Queryable,
  id: string,
  input: z.infer<typeof editRoutineInput>,
): Promise<Routine> {
  await getRoutine(db, id);
  await db
    .update(routines)
    .set({ ...input, updatedAt: new Date() })
    .where(eq(routines.id, id));
  return getRoutine(db, id);
}

/** @throws AppError "not-found" */
export async function removeRoutine(db: Queryable, id: string): Promise<void> {
  await getRoutine(db, id);
  await db.delete(routines).where(eq(routines.id, id));
}

/**
 * The items of a routine for a day: those it was filled with, or, the first time, new ones, none of which was used
 * in the seven days before. The same day asked for again gives the same items.
 *
 * @throws AppError "not-found"
 */
export async function fillDay(db: Queryable, id: string, input: z.infer<typeof fillInput>): Promise<RoutineDay> {
  const routine = await getRoutine(db, id);
  const { day, words } = input;
  const [filled] = await daysOf(db, id, day, day);
  if (filled && !input.again && fits(filled.parts, routine.parts)) return { routineId: id, day, parts: filled.parts };
  const school = await getSchool(db);
  const from = formatISO(subDays(parseISO(day), DAYS_WITHOUT_REPEAT), { representation: "date" });
  const before = await daysOf(db, id, from, day);
  const parts = fillRoutine({
    accent: school.accent,
    never: school.never,
    allowNotEverySchool: school.allowNotEverySchool,
    words,
    parts: routine.parts,
    used: before.flatMap((other) => other.parts).flatMap(keysOf),
    seed: seedOf(`${id} ${day} ${input.again ? randomUUID() : ""}`),
  });
  await storeDay(db, id, day, parts);
  return { routineId: id, day, parts };
}

/** Puts other items in one part of a day that has been filled. @throws AppError "not-found" */
export async function editDay(db: Queryable, id: string, input: z.infer<typeof editDayInput>): Promise<RoutineDay> {
  const [filled] = await daysOf(db, id, input.day, input.day);
  const old = filled?.parts[input.part];
  if (!filled || !old) throw notFound("day of this routine");
  const parts = filled.parts.map(
    (part, k): FilledPart =>
      k === input.part ? { ok: true, skill: old.skill, items: input.items, fromToday: 0 } : part,
  );
  await storeDay(db, id, input.day, parts);
  return { routineId: id, day: input.day, parts };
}

async function storeDay(db: Queryable, routineId: string, day: string, parts: readonly FilledPart[]): Promise<void> {
  await db
    .insert(routineDays)
    .values({ id: randomUUID(), routineId, day, parts })
    .onConflictDoUpdate({ target: [routineDays.routineId, routineDays.day], set: { parts, updatedAt: new Date() } });
}

/** Days from one up to another, the latter not included unless they are the same. */
async function daysOf(db: Queryable, id: string, from: string, to: string) {
  const until = from === to ? eq(routineDays.day, to) : and(gte(routineDays.day, from), lt(routineDays.day, to));
  return db
    .select()
    .from(routineDays)
    .where(and(eq(routineDays.routineId, id), until));
}

const keysOf = (part: FilledPart): string[] => (part.ok ? part.items.map(({ key }) => key) : []);

/** Was the day filled for the routine as it now is? */
function fits(filled: readonly FilledPart[], parts: readonly RoutinePart[]): boolean {
  return (
    filled.length === parts.length &&
    filled.every((part, k) => part.skill === parts[k]?.skill && (!part.ok || part.items.length === parts[k]?.count))
  );
}

/** A number from a text, the same for the same (FNV-1a). */
function seedOf(text: string): number {
  let hash = 0x811c9dc5;
  for (const character of text) hash = Math.imul(hash ^ character.charCodeAt(0), 0x01000193);
  return hash >>> 0;
}
