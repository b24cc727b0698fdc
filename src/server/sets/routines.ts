import { randomUUID } from "node:crypto";
import { and, desc, eq, gte, isNull, lt } from "drizzle-orm";
import { addDays, type FilledPart, type RoutinePart } from "../../core/light.ts";
import type { GroupId, RoutineId } from "../../schemas/ids.ts";
import type { EditDayInput, EditRoutineInput, FillInput, NewRoutineInput } from "../../schemas/routines.ts";
import type { ChangeSavedInput } from "../../schemas/saved.ts";
import type { Queryable } from "../db/database.ts";
import { newId } from "../db/new-id.ts";
import { routineDays, routines } from "../db/schema.ts";
import { getGroup } from "../groups/groups.ts";
import { notFound, unreadable } from "../http/errors.ts";
import { savedChange } from "../saved/saved-change.ts";
import { getSchool } from "../school/school.ts";
import { askWords } from "../words/pool.ts";

export interface Routine {
  readonly id: RoutineId;
  readonly groupId: GroupId;
  readonly title: string;
  readonly parts: readonly RoutinePart[];
  /** Kept out of sight until it is taken up again. */
  readonly isPutAway: boolean;
  /** ISO time. */
  readonly updatedAt: string;
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
const toRoutine = (row: typeof routines.$inferSelect): Routine | undefined => {
  const { id, groupId, title, parts, putAwayAt, updatedAt } = row;
  return parts && { id, groupId, title, parts, isPutAway: putAwayAt !== null, updatedAt: updatedAt.toISOString() };
};

/** A group's routines, the one touched last first. @param options.putAway those that were put away as well */
export async function listRoutines(
  db: Queryable,
  groupId: GroupId,
  { putAway = false }: { readonly putAway?: boolean } = {},
): Promise<Routine[]> {
  await getGroup(db, groupId);
  const rows = await db
    .select()
    .from(routines)
    .where(and(eq(routines.groupId, groupId), putAway ? undefined : isNull(routines.putAwayAt)))
    .orderBy(desc(routines.updatedAt));
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

/** Renames a routine, puts it away or takes it up again. @throws AppError "not-found" */
export async function changeRoutine(db: Queryable, id: RoutineId, input: ChangeSavedInput): Promise<Routine> {
  await getRoutine(db, id);
  await db.update(routines).set(savedChange(input)).where(eq(routines.id, id));
  return getRoutine(db, id);
}

/** @throws AppError "not-found" */
export async function removeRoutine(db: Queryable, id: RoutineId): Promise<void> {
  await getRoutine(db, id);
  await db.delete(routines).where(eq(routines.id, id));
}

/** What a day of a routine was filled with, where that still is what is asked for. */
async function filledDay(
  db: Queryable,
  routine: Routine,
  day: string,
  { again }: FillInput,
): Promise<readonly FilledPart[] | undefined> {
  const [filled] = await daysOf(db, routine.id, day, day);
  return filled?.parts && !again && fits(filled.parts, routine.parts) ? filled.parts : undefined;
}

/**
 * The items of a routine for a day: those it was filled with, or, the first time, new ones, none of which was used
 * in the seven days before. Stores nothing.
 *
 * @throws AppError "not-found"
 */
export async function dayFor(
  db: Queryable,
  id: RoutineId,
  day: string,
  input: FillInput,
): Promise<readonly FilledPart[]> {
  const routine = await getRoutine(db, id);
  const { words } = input;
  const filled = await filledDay(db, routine, day, input);
  if (filled) return filled;
  const school = await getSchool(db);
  const from = addDays(day, -DAYS_WITHOUT_REPEAT);
  const before = await daysOf(db, id, from, day);
  return askWords("fillRoutine", {
    accent: school.accent,
    never: school.never,
    allowLists: school.allowLists,
    words,
    parts: routine.parts,
    used: before.flatMap((other) => other.parts ?? []).flatMap(keysOf),
    seed: seedOf(`${id} ${day} ${input.again ? randomUUID() : ""}`),
  });
}

/** Keeps what a day was filled with. The same day asked for again gives the same items. @throws AppError "not-found" */
export async function fillDay(
  db: Queryable,
  id: RoutineId,
  day: string,
  input: FillInput,
  parts: readonly FilledPart[],
): Promise<RoutineDay> {
  const already = await filledDay(db, await getRoutine(db, id), day, input);
  if (already) return { routineId: id, day, parts: already };
  await storeDay(db, id, day, parts);
  return { routineId: id, day, parts };
}

/** Puts other items, which have been looked over, in one part of a filled day. @throws AppError "not-found" */
export async function editDay(db: Queryable, id: RoutineId, day: string, input: EditDayInput): Promise<RoutineDay> {
  const [filled] = await daysOf(db, id, day, day);
  const old = filled?.parts?.[input.part];
  if (!filled?.parts || !old) throw notFound("day of this routine");
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
