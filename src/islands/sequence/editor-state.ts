import type { SequenceRow } from "../../core/light.ts";

/** A row with a key of its own, so that it keeps its fields when it is moved. */
export interface EditorRow extends SequenceRow {
  readonly key: number;
}

let lastKey = 0;

export const EMPTY: SequenceRow = { name: "", spellings: "", patterns: "", irregularWords: "" };

/** Rows with a key each, which stays with a row while it is moved. */
export function withKeys(rows: readonly SequenceRow[]): EditorRow[] {
  return rows.map((row) => ({ ...row, key: ++lastKey }));
}

/** Rows as the server takes them. */
export function withoutKeys(rows: readonly EditorRow[]): SequenceRow[] {
  return rows.map(({ name, spellings, patterns, irregularWords }) => ({ name, spellings, patterns, irregularWords }));
}
