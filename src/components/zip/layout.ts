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

/** Proportions of a strip, in ems of its letters. */
export interface ZipProportions {
  readonly padding: number;
  readonly leastCell: number;
  readonly tailCell: number;
  /** From the upper tape down to the lower one. */
  readonly tapeGap: number;
  readonly toothDepth: number;
  /** How far the lower tape hangs where the zip is open. */
  readonly openDrop: number;
  /** Line width. */
  readonly line: number;
}

/** In lists: teeth as wide as they are clear. */
export const STRIP: ZipProportions = {
  padding: 0.56,
  leastCell: 1.5,
  tailCell: 1.15,
  tapeGap: 0.62,
  toothDepth: 0.34,
  openDrop: 0.75,
  line: 1 / 22,
};
/** In Teach: the letters take the room, the zip stays thin under them. */
export const BIG: ZipProportions = {
  padding: 0.26,
  leastCell: 0.98,
  tailCell: 0.8,
  tapeGap: 0.3,
  toothDepth: 0.19,
  openDrop: 0.28,
  line: 1 / 46,
};

const cellWidth = (letters: string, { leastCell, padding }: ZipProportions) =>
  Math.max(leastCell, textWidth(letters) + padding * 2);
const head = (grapheme: string) => grapheme.split("-")[0] as string;

/**
 * Column widths shared by the strips of a chain, so that what stays the same stands still. Columns are
 * counted from the first vowel (0): the beginning runs to the left, the end to the right.
 */
export type ZipColumns = ReadonlyMap<number, number>;

/** Height of a whole strip in ems, letters included. @returns ems of the strip's own letter size, above 0 */
export function zipHeight(proportions: ZipProportions, open: boolean): number {
  return LETTER_ROOM + proportions.tapeGap + (open ? proportions.openDrop + 0.1 : 0.25);
}

/** Room above the upper tape: ascender, letter and descender. */
export const LETTER_ROOM = 1.42;

const columnsOf = (word: Segmentation) => {
  const vowel = Math.max(
    0,
    word.units.findIndex((_, k) => positionOf(word, k) === "medial"),
  );
  return word.units.map((_, k) => k - vowel);
};

/** Columns that every word of a chain shares, so that the slots of all stand under each other. */
export function sharedColumns(words: readonly Segmentation[], proportions = STRIP): ZipColumns {
  const widths = new Map<number, number>();
  for (const word of words)
    columnsOf(word).forEach((column, k) => {
      const needed = cellWidth(head(word.units[k]?.grapheme ?? ""), proportions);
      widths.set(column, Math.max(needed, widths.get(column) ?? 0));
    });
  return widths;
}

/** Lays a word out over shared columns. Strips of one chain start at the same x for the same column. */
export function layoutZip(
  word: Segmentation,
  proportions = STRIP,
  columns: ZipColumns = sharedColumns([word], proportions),
): ZipLayout {
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
    const width = columns.get(column) ?? proportions.leastCell;
    cells.push({ unit: k, letters: head(unit.grapheme), x, width });
    right = x + width;
    if (unit.grapheme.includes("-")) {
      open = k;
      return;
    }
    // The e stands right after the letters it reaches over.
    const tailAt = open === undefined ? undefined : word.units[open]?.letters.at(-1);
    if (open !== undefined && tailAt === (unit.letters.at(-1) as number) + 1) {
      cells[open] = { ...(cells[open] as ZipCell), tail: { x: right, width: proportions.tailCell } };
      right += proportions.tailCell;
      shift += proportions.tailCell;
      open = undefined;
    }
  });
  return { cells, width: right };
}

/** Where the parts of a strip stand at a size of its letters: pixels from the left edge of its picture. */
export interface ZipMeasures {
  readonly cells: readonly ZipCell[];
  /** Ems to pixels. */
  readonly px: (ems: number) => number;
  /** Line width. */
  readonly thin: number;
  /** The upper tape, and the lower one. */
  readonly top: number;
  readonly bottom: number;
  /** Where the tapes end on the right. */
  readonly to: number;
  /** Of the whole picture, lines included. */
  readonly width: number;
  readonly height: number;
}

/** Where each slot, dot and letter of a word stands, in pixels. */
export function measureZip(
  word: Segmentation,
  options: { proportions?: ZipProportions; columns?: ZipColumns | undefined; size: number; open: boolean },
): ZipMeasures {
  const { proportions = STRIP, columns, size, open } = options;
  const { cells, width } = layoutZip(word, proportions, columns);
  const px = (ems: number) => Math.round(ems * size * 10) / 10;
  const thin = Math.max(1.5, size * proportions.line);
  const top = px(LETTER_ROOM);
  const to = px(width);
  return {
    cells,
    px,
    thin,
    top,
    bottom: top + px(proportions.tapeGap),
    to,
    width: to + thin * 2,
    height: px(zipHeight(proportions, open)),
  };
}
