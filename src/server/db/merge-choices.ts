import { dequal } from "dequal";

const isPlain = (value: unknown): value is Record<string, unknown> =>
  typeof value === "object" && value !== null && !Array.isArray(value);

/**
 * Puts together what two people have changed in one set of choices since both saw it. A list is taken for a set: what
 * either added is in, what either took out is out. Where both changed one choice, the later one stands.
 *
 * @param base the choices as I saw them
 * @param mine as I have made them
 * @param theirs as they are stored now
 */
export function mergeChoices<T>(base: T, mine: T, theirs: T): T {
  if (dequal(mine, base)) return theirs;
  if (dequal(theirs, base)) return mine;
  if (Array.isArray(mine) && Array.isArray(theirs)) {
    // A list that was not there yet was empty.
    const before: readonly unknown[] = Array.isArray(base) ? base : [];
    const isIn = (list: readonly unknown[], value: unknown) => list.some((one) => dequal(one, value));
    const left = theirs.filter((one) => isIn(mine, one) || !isIn(before, one));
    return [...left, ...mine.filter((one) => !isIn(before, one) && !isIn(left, one))] as T;
  }
  if (isPlain(base) && isPlain(mine) && isPlain(theirs))
    return Object.fromEntries(
      Object.keys({ ...theirs, ...mine }).map((key) => [key, mergeChoices(base[key], mine[key], theirs[key])]),
    ) as T;
  return mine;
}
