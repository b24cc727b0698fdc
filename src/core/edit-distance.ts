/**
 * Edit distance between two rows of anything (Levenshtein 1966): the fewest changes, additions and removals, each
 * counted as one, that make one out of the other.
 *
 * @returns a whole number of changes, from 0 to the length of the longer row
 */
export function editDistance<T>(a: ArrayLike<T>, b: ArrayLike<T>, isSame: (x: T, y: T) => boolean): number {
  let row = Array.from({ length: b.length + 1 }, (_, n) => n);
  for (let k = 0; k < a.length; k++) {
    const next = [k + 1];
    for (let n = 0; n < b.length; n++) {
      const change = (row[n] as number) + (isSame(a[k] as T, b[n] as T) ? 0 : 1);
      next.push(Math.min((row[n + 1] as number) + 1, (next[n] as number) + 1, change));
    }
    row = next;
  }
  return row.at(-1) as number;
}
