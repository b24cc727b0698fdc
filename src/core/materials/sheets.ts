import type { SetKind } from "../practice/set-kinds.ts";

interface SheetDefinition {
  /** What it is printed from. */
  readonly madeFrom: "set" | "plan";
}

/**
 * Every kind of sheet that is printed, one definition each. How it looks stands in components/print/, what it is called
 * in components/words/sheet-words.ts.
 */
export const SHEETS = {
  family: { madeFrom: "set" },
  sort: { madeFrom: "set" },
  pairs: { madeFrom: "set" },
  "ears-only": { madeFrom: "set" },
  helper: { madeFrom: "plan" },
} as const satisfies Readonly<Record<SetKind | "helper", SheetDefinition>>;

export type SheetKind = keyof typeof SHEETS;

/** Ids of the sheets. */
export const SHEET_KINDS = Object.keys(SHEETS) as readonly SheetKind[];
