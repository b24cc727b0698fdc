import type { SequenceRow } from "../scope/sequence-rows.ts";

/** The header of a sequence file; the names are what a teacher reads in a spreadsheet. */
export const SEQUENCE_COLUMNS = ["step", "spellings", "patterns", "irregular words"] as const;

/** Other headings that mean the same columns. */
const OTHER_HEADINGS: Readonly<Record<string, (typeof SEQUENCE_COLUMNS)[number]>> = {
  name: "step",
  graphemes: "spellings",
  gpcs: "spellings",
  "tricky words": "irregular words",
  irregular: "irregular words",
  words: "irregular words",
};

export type SequenceTable =
  | {
      readonly ok: true;
      readonly rows: readonly SequenceRow[] /** Line in the file of each row, counted from 1. */;
      readonly lines: readonly number[];
    }
  | { readonly ok: false; readonly code: "empty" | "no-spellings-column"; readonly found: readonly string[] };

/**
 * Finds the columns of a table of cells (a CSV file already taken apart) by its header line. Empty lines are
 * passed over; columns that are not ours are left alone.
 */
export function readSequenceTable(cells: readonly (readonly string[])[]): SequenceTable {
  const headerAt = cells.findIndex((line) => line.some((cell) => cell.trim() !== ""));
  if (headerAt === -1) return { ok: false, code: "empty", found: [] };
  const headings = (cells[headerAt] as readonly string[]).map((cell) =>
    cell
      .replace(/^\uFEFF/, "")
      .trim()
      .toLowerCase(),
  );
  const columns = headings.map((heading) => OTHER_HEADINGS[heading] ?? heading);
  const [step, spellings, patterns, words] = SEQUENCE_COLUMNS.map((column) => columns.indexOf(column)) as [
    number,
    number,
    number,
    number,
  ];
  if (spellings === -1) return { ok: false, code: "no-spellings-column", found: headings.filter(Boolean) };
  const rows: SequenceRow[] = [];
  const lines: number[] = [];
  cells.forEach((line, at) => {
    if (at <= headerAt || line.every((cell) => cell.trim() === "")) return;
    const cell = (column: number) => (column === -1 ? "" : (line[column] ?? "").trim());
    rows.push({ name: cell(step), spellings: cell(spellings), patterns: cell(patterns), irregularWords: cell(words) });
    lines.push(at + 1);
  });
  return { ok: true, rows, lines };
}

/** The cells of a sequence file, header first. */
export function writeSequenceTable(rows: readonly SequenceRow[]): string[][] {
  return [
    [...SEQUENCE_COLUMNS],
    ...rows.map(({ name, spellings, patterns, irregularWords }) => [name, spellings, patterns, irregularWords]),
  ];
}
