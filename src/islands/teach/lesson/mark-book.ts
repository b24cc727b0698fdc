import type { SentResponse } from "../../../schemas/responses.ts";
import { type History, NO_HISTORY, recorded, stepBack, stepOn } from "../../shared/history.ts";
import { type Mark, type Marks, markKey } from "./marks.ts";

export interface MarkStep {
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
  readonly history: History<MarkStep>;
}

/** A book with the marks that are stored. */
export const newBook = (marks: Marks): MarkBook => ({
  marks,
  waiting: new Set(),
  refused: undefined,
  history: NO_HISTORY,
});

/** Did the mark put another answer of the same way of working in its place? */
export const isCorrection = (step: MarkStep): step is MarkStep & { readonly before: Mark } =>
  step.before?.mode === step.mark.mode;

/** Were both made by one press: for all together, or for all the words of a line? */
export const isSamePress = ({ mark }: MarkStep, other: MarkStep | undefined): boolean =>
  mark.press !== undefined && mark.press === other?.mark.press;

const without = (ids: ReadonlySet<string>, id: string) => new Set([...ids].filter((one) => one !== id));

/** A new mark, on its way; the one that it replaces can be had back. */
export function marked(book: MarkBook, mark: Mark): MarkBook {
  const key = markKey(mark.learnerId, mark.wordIndex);
  return {
    ...book,
    marks: new Map(book.marks).set(key, mark),
    waiting: new Set([...book.waiting, mark.id]),
    history: recorded(book.history, { key, mark, before: book.marks.get(key) }),
  };
}

/** Marks that an earlier page could not send are shown again, as waiting; what this page has marked since stands. */
export function foundWaiting(book: MarkBook, responses: readonly SentResponse[]): MarkBook {
  const marks = new Map(book.marks);
  const { past, future } = book.history;
  const own = new Set([...past, ...future].map(({ key }) => key));
  for (const response of responses) {
    const key = markKey(response.learnerId, response.wordIndex);
    if (own.has(key)) continue;
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

/** A mark taken back or made again: the book as it is then, and what goes to the record. */
interface Changed {
  readonly book: MarkBook;
  readonly step: MarkStep;
  /** The row that is written, under a new id. */
  readonly written: Mark;
}

/** The same history with the rows that stand now in the place of those that were replaced. */
const renamed = ({ past, future }: History<MarkStep>, old: string, mark: Mark): History<MarkStep> => ({
  past: past.map((one) => (one.mark.id === old ? { ...one, mark } : one)),
  future,
});

/**
 * Takes the last mark back; the record only grows, so what stood before is written again under a new id, or the mark is
 * withdrawn.
 *
 * @returns undefined when there is nothing to take back
 */
export function undone(book: MarkBook, id: string): Changed | undefined {
  const back = stepBack(book.history);
  if (!back) return undefined;
  const { step } = back;
  const { key, before } = step;
  const isRestored = isCorrection(step);
  const written: Mark = { ...(isRestored ? step.before : step.mark), id, state: "waiting" };
  const marks = new Map(book.marks);
  if (before) marks.set(key, isRestored ? written : before);
  else marks.delete(key);
  const history = isRestored ? renamed(back.history, step.before.id, written) : back.history;
  return { book: { ...book, marks, waiting: new Set([...book.waiting, id]), history }, step, written };
}

/**
 * Takes back any mark of the session: it is withdrawn, and what could be undone of it cannot be any more.
 *
 * @param id of the row that withdraws it
 */
export function withdrawn(book: MarkBook, mark: Mark, id: string): MarkBook {
  const key = markKey(mark.learnerId, mark.wordIndex);
  const marks = new Map(book.marks);
  if (marks.get(key)?.id === mark.id) marks.delete(key);
  const past = book.history.past.filter((step) => step.mark.id !== mark.id);
  return { ...book, marks, waiting: new Set([...book.waiting, id]), history: { past, future: [] } };
}

/** Makes the mark again that was taken back last. @returns undefined when there is none */
export function redone(book: MarkBook, id: string): Changed | undefined {
  const on = stepOn(book.history);
  if (!on) return undefined;
  const { key } = on.step;
  const written: Mark = { ...on.step.mark, id, state: "waiting" };
  const step: MarkStep = { key, mark: written, before: book.marks.get(key) };
  const history = { ...on.history, past: [...on.history.past.slice(0, -1), step] };
  const marks = new Map(book.marks).set(key, written);
  return { book: { ...book, marks, waiting: new Set([...book.waiting, id]), history }, step, written };
}
