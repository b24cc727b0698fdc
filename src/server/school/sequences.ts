import { randomUUID } from "node:crypto";
import { asc, eq } from "drizzle-orm";
import Papa from "papaparse";
import {
  type RowProblem,
  readSequenceRows,
  readSequenceTable,
  SEQUENCES,
  type Sequence,
  type SequenceRow,
  type SequenceStep,
  segmentations,
  sequenceById,
  shippedLexicon,
  writeSequenceRows,
  writeSequenceTable,
} from "../../core/index.ts";
import { idField } from "../../schemas/ids.ts";
import type { SequenceInput } from "../../schemas/sequences.ts";
import type { Queryable } from "../db/database.ts";
import { groups, sequences } from "../db/schema.ts";
import { AppError, notFound } from "../http/errors.ts";
import { withoutGuard } from "../http/files.ts";

/** Every sequence a group can be put in, the shipped ones first. */
export async function listSequences(db: Queryable): Promise<Sequence[]> {
  const rows = await db.select().from(sequences).orderBy(asc(sequences.name));
  return [...SEQUENCES, ...rows.map(toSequence)];
}

const toSequence = ({ id, name, steps }: typeof sequences.$inferSelect): Sequence => ({
  id,
  name,
  source: "the school's own",
  steps: steps ?? [],
});

/** A shipped sequence or one of the school's own. @throws AppError "not-found" */
export async function getSequence(db: Queryable, id: string): Promise<Sequence> {
  const shipped = sequenceById(id);
  if (shipped) return shipped;
  const [row] = idField.safeParse(id).success ? await db.select().from(sequences).where(eq(sequences.id, id)) : [];
  if (!row) throw notFound("sequence");
  return toSequence(row);
}

export interface CheckedRows {
  readonly steps: readonly SequenceStep[];
  readonly problems: readonly RowProblem[];
}

/** What the rows of an editor teach, and what there is to say of them. Stores nothing. */
export function checkRows(rows: readonly SequenceRow[]): CheckedRows {
  const lexicon = shippedLexicon();
  return readSequenceRows(rows, {
    lookUp: (word) => segmentations(word, lexicon),
    unsuitable: (word) => lexicon.unsuitable(word)?.level === "never",
  });
}

/** @throws AppError "invalid" naming the rows at fault */
function stepsOf(rows: readonly SequenceRow[]): readonly SequenceStep[] {
  const { steps, problems } = checkRows(rows);
  const errors = problems.filter(({ level }) => level === "error");
  if (errors.length > 0)
    throw new AppError(
      "invalid",
      errors[0]?.fault.code === "sequence-teaches-nothing"
        ? "The sequence teaches nothing yet."
        : `${errors.length} ${errors.length === 1 ? "entry" : "entries"} of the sequence cannot be read.`,
      errors.map(({ row, field, fault }) => ({ field: `rows.${row}.${field}`, message: fault.code })),
    );
  return steps;
}

/** Stores a new sequence of the school's own. @throws AppError "invalid" when a row has a fault */
export async function createSequence(db: Queryable, input: SequenceInput): Promise<Sequence> {
  const id = randomUUID();
  await db.insert(sequences).values({ id, name: input.name, steps: stepsOf(input.rows) });
  return getSequence(db, id);
}

async function groupsIn(db: Queryable, sequenceId: string) {
  return db.select({ name: groups.name, step: groups.step }).from(groups).where(eq(groups.sequenceId, sequenceId));
}

function refuseShipped(id: string): void {
  if (sequenceById(id))
    throw new AppError("invalid", "A shipped sequence stays as it is: make a copy and change that.");
}

/**
 * @throws AppError "not-found", "invalid" (a shipped sequence; rows that cannot be read), "conflict" (a group
 * stands beyond the last step that would be left)
 */
export async function editSequence(db: Queryable, id: string, input: SequenceInput): Promise<Sequence> {
  refuseShipped(id);
  await getSequence(db, id);
  const steps = stepsOf(input.rows);
  const beyond = (await groupsIn(db, id)).filter(({ step }) => step > steps.length);
  if (beyond.length > 0)
    throw new AppError(
      "conflict",
      `${beyond.map(({ name, step }) => `${name} stands at step ${step}`).join(", ")}: keep that many steps, or move the group first.`,
    );
  await db.update(sequences).set({ name: input.name, steps, updatedAt: new Date() }).where(eq(sequences.id, id));
  return getSequence(db, id);
}

/** @throws AppError "not-found", "invalid" (a shipped sequence), "conflict" (a group stands in it) */
export async function deleteSequence(db: Queryable, id: string): Promise<void> {
  refuseShipped(id);
  await getSequence(db, id);
  const [inIt] = await groupsIn(db, id);
  if (inIt) throw new AppError("conflict", `${inIt.name} is taught in this order: put the group in another one first.`);
  await db.delete(sequences).where(eq(sequences.id, id));
}

export interface ReadCsv extends CheckedRows {
  readonly rows: readonly SequenceRow[];
  /** Line in the file of each row, counted from 1. */
  readonly lines: readonly number[];
}

/**
 * Reads a CSV file into rows for the editor, with every problem by line. Stores nothing: the teacher looks
 * first.
 * @throws AppError "invalid" when there is no table to read
 */
export function readCsv(text: string): ReadCsv {
  const table = readSequenceTable(
    Papa.parse<string[]>(text, { skipEmptyLines: false }).data.map((line) => line.map(withoutGuard)),
  );
  if (!table.ok)
    throw new AppError(
      "invalid",
      table.code === "empty"
        ? "The file is empty."
        : `The file has no column named "spellings"${table.found.length > 0 ? `; its columns are: ${table.found.slice(0, 8).join(", ")}` : ""}.`,
    );
  return { rows: table.rows, lines: table.lines, ...checkRows(table.rows) };
}

/** A sequence as the rows of a CSV file that `readCsv` takes back. */
export async function sequenceCsv(db: Queryable, id: string): Promise<{ name: string; rows: string[][] }> {
  const sequence = await getSequence(db, id);
  return { name: sequence.name, rows: writeSequenceTable(writeSequenceRows(sequence)) };
}
