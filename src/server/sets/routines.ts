import { randomUUID } from "node:crypto";
import { formatISO, parseISO, subDays } from "date-fns";
import { and, desc, eq, gte, lt } from "drizzle-orm";
import { type FilledPart, fillRoutine, type RoutinePart } from "../../core/index.ts";
import type { GroupId, RoutineId } from "../../schemas/ids.ts";
import type { EditDayInput, EditRoutineInput, FillInput, NewRoutineInput } from "../../schemas/routines.ts";
import type { Queryable } from "../db/database.ts";
import { newId } from "../db/new-id.ts";
import { routineDays, routines } from "../db/schema.ts";
import { getGroup } from "../groups/groups.ts";
import { notFound, unreadable } from "../http/errors.ts";
import { getSchool } from "../school/school.ts";
import { refuseOralItems } from "./oral-items.ts";

export interface Routine {
  readonly id: RoutineId;
  readonly groupId: GroupId;
  readonly title: string;
  readonly parts: readonly RoutinePart[];
}

/** A routine as it is filled for one day. */
export interface RoutineDay {
  readonly routineId: RoutineId;
  /** ISO 8601 date. */
  readonly day: string;
  readonly parts: readonly FilledPart[];
}

/** Items of so many days do not come again. */
const DAYS_WITHOUT_REPEAT = 7;

/** @returns undefined when its skills cannot be read */
const toRoutine = ({ id, groupId, title, parts }: typeof routines.$inferSelect): Routine | undefined =>
  parts && { id, groupId, title, parts };

/** A group's routines, the one touched last first. */
export async function listRoutines(db: Queryable, groupId: GroupId): Promise<Routine[]> {
  await getGroup(db, groupId);
  const rows = await db.select().from(routines).where(eq(routines.groupId, groupId)).orderBy(desc(routines.updatedAt));
  return rows.flatMap((row) => toRoutine(row) ?? []);
}

/** @throws AppError "not-found", "unreadable" */
export async function getRoutine(db: Queryable, id: RoutineId): Promise<Routine> {
  const [row] = await db.select().from(routines).where(eq(routines.id, id));
  if (!row) throw notFound("routine");
  const routine = toRoutine(row);
  if (!routine) throw unreadable("routine");
  return routine;
}

/** @throws AppError "not-found" when there is no such group */
export async function createRoutine(db: Queryable, input: NewRoutineInput): Promise<Routine> {
  await getGroup(db, input.groupId);
  const id = newId<RoutineId>();
  await db.insert(routines).values({ id, ...input });
  return getRoutine(db, id);
}

/** @throws AppError "not-found" */
export async function editRoutine(db: Queryable, id: RoutineId, input: EditRoutineInput): Promise<Routine> {
  await getRoutine(db, id);
  await db
    .update(routines)
    .set({ ...input, updatedAt: new Date() })
    .where(eq(routines.id, id));
  return getRoutine(db, id);
}

/** @throws AppError "not-found" */
export async function removeRoutine(db: Queryable, id: RoutineId): Promise<void> {
  await getRoutine(db, id);
  await db.delete(routines).where(eq(routines.id, id));
}

/**
 * The items of a routine for a day: those it was filled with, or, the first time, new ones, none of which was used
 * in the seven days before. The same day asked for again gives the same items.
 *
 * @throws AppError "not-found"
 */
export async function fillDay(db: Queryable, id: RoutineId, day: string, input: FillInput): Promise<RoutineDay> {
  const routine = await getRoutine(db, id);
  const { words } = input;
  const [filled] = await daysOf(db, id, day, day);
  if (filled?.parts && !input.again && fits(filled.parts, routine.parts))
    return { routineId: id, day, parts: filled.parts };
  const school = await getSchool(db);
  const from = formatISO(subDays(parseISO(day), DAYS_WITHOUT_REPEAT), { representation: "date" });
  const before = await daysOf(db, id, from, day);
  const parts = fillRoutine({
    accent: school.accent,
    never: school.never,
    allowNotEverySchool: school.allowNotEverySchool,
    words,
    parts: routine.parts,
    used: before.flatMap((other) => other.parts ?? []).flatMap(keysOf),
    seed: seedOf(`${id} ${day} ${input.again ? randomUUID() : ""}`),
  });
  await storeDay(db, id, day, parts);
  return { routineId: id, day, parts };
}

/** Puts other items in one part of a day that has been filled. @throws AppError "not-found", "invalid" */
export async function editDay(db: Queryable, id: RoutineId, day: string, input: EditDayInput): Promise<RoutineDay> {
  const [filled] = await daysOf(db, id, day, day);
  const old = filled?.parts?.[input.part];
  if (!filled?.parts || !old) throw notFound("day of this routine");
  refuseOralItems(input.items, await getSchool(db));
  const parts = filled.parts.map(
    (part, k): FilledPart =>
      k === input.part ? { ok: true, skill: old.skill, items: input.items, fromToday: 0 } : part,
  );
  await storeDay(db, id, day, parts);
  return { routineId: id, day, parts };
}

async function storeDay(db: Queryable, routineId: RoutineId, day: string, parts: readonly FilledPart[]): Promise<void> {
  await db
    .insert(routineDays)
    .values({ id: randomUUID(), routineId, day, parts })
    .onConflictDoUpdate({ target: [routineDays.routineId, routineDays.day], set: { parts, updatedAt: new Date() } });
}

/** Days from one up to another, the latter not included unless they are the same. */
async function daysOf(db: Queryable, id: RoutineId, from: string, to: string) {
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
