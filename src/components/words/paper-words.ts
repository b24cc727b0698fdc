import type { PaperCell } from "../../core/light.ts";

/** Why what was typed into a cell of the grid is not taken. */
export const PAPER_FAULT: Readonly<Record<Extract<PaperCell, { readonly kind: "fault" }>["code"], string>> = {
  "too-long": "too long for one word: 40 letters at most",
  "not-letters": "type letters, or a sign: . for right, x for wrong, - for not tried",
  "not-here": "is nothing that can be marked here: . for right, 0 for wrong, or what was said",
};

/** The same of a block that was pasted. */
export const PASTE_FAULT = {
  ...PAPER_FAULT,
  outside: "is outside of the grid: start further up or to the left",
} as const;

/** The keys of the grid, as they are told above it. */
export const PAPER_KEYS =
  "Space: right. Shift + Space: the rest of the row is right. x: wrong. -: not tried. t: after tapping. s: put right. Anything else is what was said or written. Arrows and Enter as in a spreadsheet; a block can be pasted.";
