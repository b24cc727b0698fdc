import type { NewResponse } from "../../../server/evidence/responses.ts";
import { type Mark, type Marks, markKey } from "./marks.ts";

interface UndoStep {
  readonly key: string;
  readonly mark: Mark;
  /** What stood there before. */
  readonly before: Mark | undefined;
}

/** The marks of a session in hand: what they are, which are on their way, what can be taken back. */
export interface MarkBook {
  readonly marks: Marks;
  /** Ids of responses that the database does not have yet. */
  readonly waiting: ReadonlySet<string>;
  /** Why the last one was refused. */
  readonly refused: string | undefined;
  readonly undoSteps: readonly UndoStep[];
}

export const newBook = (marks: Marks): MarkBook => ({ marks, waiting: new Set(), refused: undefined, undoSteps: [] });

const without = (ids: ReadonlySet<string>, id: string) => new Set([...ids].filter((one) => one !== id));

/** A new mark, on its way; the one that it replaces can be had back. */
export function marked(book: MarkBook, mark: Mark): MarkBook {
  const key = markKey(mark.learnerId, mark.wordIndex);
  return {
    ...book,
    marks: new Map(book.marks).set(key, mark),
    waiting: new Set([...book.waiting, mark.id]),
    undoSteps: [...book.undoSteps, { key, mark, before: book.marks.get(key) }],
  };
}

/** Marks that an earlier page could not send are shown again, as waiting. */
export function foundWaiting(book: MarkBook, responses: readonly NewResponse[]): MarkBook {
  const marks = new Map(book.marks);
  for (const response of responses) {
    const key = markKey(response.learnerId, response.wordIndex);
    if (response.withdrawn) marks.delete(key);
    else marks.set(key, { ...response, state: "waiting" });
  }
  return { ...book, marks, waiting: new Set([...book.waiting, ...responses.map(({ id }) => id)]) };
}

/** The database has it. */
export function markStored(book: MarkBook, id: string): MarkBook {
  const marks = new Map(
    [...book.marks].map(([key, mark]) => [key, mark.id === id ? { ...mark, state: "stored" as const } : mark]),
  );
  return { ...book, marks, waiting: without(book.waiting, id) };
}

/** The server will not have it: it is no mark. */
export function markRefused(book: MarkBook, id: string, reason: string): MarkBook {
  const marks = new Map([...book.marks].filter(([, mark]) => mark.id !== id));
  return { ...book, marks, waiting: without(book.waiting, id), refused: reason };
}

/**
 * Takes the last mark back; the record only grows, so what stood before is written again under a new id, or the mark is
 * withdrawn.
 *
 * @returns undefined when there is nothing to take back
 */
export function undone(book: MarkBook, id: string): { book: MarkBook; step: UndoStep; again: Mark } | undefined {
  const step = book.undoSteps.at(-1);
  if (!step) return undefined;
  const { key, before } = step;
  const again: Mark = { ...(before ?? step.mark), id, state: "waiting" };
  const marks = new Map(book.marks);
  if (before) marks.set(key, again);
  else marks.delete(key);
  const undoSteps = book.undoSteps
    .slice(0, -1)
    .map((one) => (before && one.mark.id === before.id ? { ...one, mark: again } : one));
  return { book: { ...book, marks, waiting: new Set([...book.waiting, id]), undoSteps }, step, again };
}
