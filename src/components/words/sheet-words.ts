import type { SheetKind } from "../../core/light.ts";

/** What every kind of sheet is called: the twin of SHEETS. */
export const SHEET_NAME = {
  family: "Word cards",
  sort: "Sorting mat and words",
  pairs: "Pairs of words",
  "ears-only": "What to say, with the answers",
  helper: "For the helper",
} as const satisfies Readonly<Record<SheetKind, string>>;
