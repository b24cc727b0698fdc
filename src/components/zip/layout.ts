import { positionOf, type Segmentation } from "../../core/light.ts";

/** Where one unit of a strip stands, in ems of the learner's letters. */
export interface ZipCell {
  readonly unit: number;
  readonly letters: string;
  readonly x: number;
  readonly width: number;
  /** The e of a split digraph, which stands further on, on the same tooth. */
  readonly tail?: { readonly x: number; readonly width: number };
}

export interface ZipLayout {
  readonly cells: readonly ZipCell[];
  readonly width: number;
}

/** Rough advance widths of Andika in ems: enough to size a tooth; letters are centred on it. */
const NARROW = /[ijlft]/;
const WIDE = /[mw]/;
function textWidth(text: string): number {
  return [...text].reduce((sum, letter) => sum + (WIDE.test(letter) ? 0.86 : NARROW.test(letter) ? 0.34 : 0.58), 0);
}

const PADDING = 0.56;
const LEAST_CELL = 1.5;
const TAIL_CELL = 1.15;

const cellWidth = (letters: string) => Math.max(LEAST_CELL, textWidth(letters) + PADDING * 2);
const head = (grapheme: string) => grapheme.split("-")[0] as string;

/**
 * Column widths shared by the strips of a chain, so that what stays the same stands still. Columns are
 * counted from the first vowel (0): the beginning runs to the left, the end to the right.
 */
export type ZipColumns = ReadonlyMap<number, number>;

const columnsOf = (word: Segmentation) => {
  const vowel = Math.max(0, word.units.findIndex((_, k) => positionOf(word, k) === "medial"));
  return word.units.map((_, k) => k - vowel);
};

export function sharedColumns(words: readonly Segmentation[]): ZipColumns {
  const widths = new Map<number, number>();
  for (const word of words)
    columnsOf(word).forEach((column, k) => {
      const needed = cellWidth(head(word.units[k]?.grapheme ?? ""));
      widths.set(column, Math.max(needed, widths.get(column) ?? 0));
    });
  return widths;
}

/** Lays a word out over shared columns. Strips of one chain start at the same x for the same column. */
export function layoutZip(word: Segmentation, columns: ZipColumns = sharedColumns([word])): ZipLayout {
  const first = Math.min(...columns.keys(), 0);
  const own = columnsOf(word);
  const xOf = (column: number) => {
    let x = 0;
    for (let c = first; c < column; c++) x += columns.get(c) ?? 0;
    return x;
  };
  const cells: ZipCell[] = [];
  let shift = 0;
  let right = 0;
  let open: number | undefined;
  word.units.forEach((unit, k) => {
    const column = own[k] as number;
    const x = xOf(column) + shift;
    const width = columns.get(column) ?? LEAST_CELL;
    cells.push({ unit: k, letters: head(unit.grapheme), x, width });
    right = x + width;
    if (unit.grapheme.includes("-")) {
      open = k;
      return;
    }
    // The e stands right after the letters it reaches over.
    const tailAt = open === undefined ? undefined : word.units[open]?.letters.at(-1);
    if (open !== undefined && tailAt === (unit.letters.at(-1) as number) + 1) {
      cells[open] = { ...(cells[open] as ZipCell), tail: { x: right, width: TAIL_CELL } };
      right += TAIL_CELL;
      shift += TAIL_CELL;
      open = undefined;
    }
  });
  return { cells, width: right };
}
