import { type PaperCell, type RawAnswer, readPaperCell, writePaperCell } from "../../core/light.ts";
import type { LearnerId } from "../../schemas/ids.ts";
import type { StoredResponse } from "../../server/evidence/responses.ts";
import type { PaperItem } from "../../server/sessions/paper-marks-page.ts";

/** Where a cell is: whose, and of which item. */
export interface CellPlace {
  readonly row: number;
  readonly column: number;
}

/** A mark that a cell shows. */
export interface CellMark {
  readonly id: string;
  readonly answer: RawAnswer;
}

/** Marks by `cellKey`. */
export type CellMarks = ReadonlyMap<string, CellMark>;

/** Of a learner's answers to a word in one way of working one stands: that is a cell. */
export const cellKey = (learnerId: string, { index, mode }: Pick<PaperItem, "index" | "mode">): string =>
  `${learnerId} ${index} ${mode}`;

/** The marks that the database has, by cell. */
export const marksOf = (responses: readonly StoredResponse[]): CellMarks =>
  new Map(
    responses.map(({ id, learnerId, wordIndex, mode, answer }) => [
      cellKey(learnerId, { index: wordIndex, mode }),
      { id, answer },
    ]),
  );

/** What a cell shows. */
export const textOf = (mark: CellMark | undefined): string => (mark ? writePaperCell(mark.answer) : "");

/** The grid that a block is pasted into. */
export interface PaperGrid {
  readonly learners: readonly { readonly id: LearnerId; readonly nickname: string }[];
  readonly items: readonly PaperItem[];
}

/** A cell that a pasted block fills. */
export interface PastedCell {
  readonly learnerId: LearnerId;
  readonly item: PaperItem;
  readonly cell: PaperCell;
}

/** What is wrong with a pasted block, by cell. */
export interface PasteFault {
  /** `"B3"`, as a spreadsheet counts in the block that was copied. */
  readonly at: string;
  readonly learner: string;
  readonly item: string;
  readonly text: string;
  readonly code: Extract<PaperCell, { readonly kind: "fault" }>["code"] | "outside";
}

/** @param column from 0 @param row from 0 */
const named = (column: number, row: number): string => {
  const letters = column < 26 ? "" : String.fromCharCode(64 + Math.floor(column / 26));
  return `${letters}${String.fromCharCode(65 + (column % 26))}${row + 1}`;
};

/**
 * Lays a block of a spreadsheet over the grid, from a cell on to the right and down. With one fault in it nothing is
 * taken.
 *
 * @param block rows of cells
 */
export function pasteBlock(
  { learners, items }: PaperGrid,
  block: readonly (readonly string[])[],
  from: CellPlace,
):
  | { readonly ok: true; readonly cells: readonly PastedCell[] }
  | { readonly ok: false; readonly faults: readonly PasteFault[] } {
  const faults: PasteFault[] = [];
  const cells = block.flatMap((line, r) =>
    line.flatMap((text, c): PastedCell[] => {
      const [learner, item] = [learners[from.row + r], items[from.column + c]];
      const at = { at: named(c, r), learner: learner?.nickname ?? "", item: item?.shown ?? "", text };
      if (!learner || !item) {
        if (text.trim() !== "") faults.push({ ...at, code: "outside" });
        return [];
      }
      const cell = readPaperCell(text, { target: item.shown, mode: item.mode });
      if (cell.kind === "fault") faults.push({ ...at, code: cell.code });
      return [{ learnerId: learner.id, item, cell }];
    }),
  );
  return faults.length > 0 ? { ok: false, faults } : { ok: true, cells };
}
