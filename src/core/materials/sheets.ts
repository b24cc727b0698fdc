import type { SetKind } from "../practice/set-kinds.ts";

interface SheetDefinition {
  /** What it is printed from. */
  readonly madeFrom: "set" | "plan";
  /** Learners have it in hand: no answers, no notes for the teacher on the same page. */
  readonly isForLearners: boolean;
}

/**
 * Every kind of sheet that is printed, one definition each. How it looks stands in components/print/, what it is called
 * in components/words/sheet-words.ts.
 */
export const SHEETS = {
  family: { madeFrom: "set", isForLearners: true },
  sort: { madeFrom: "set", isForLearners: true },
  pairs: { madeFrom: "set", isForLearners: true },
  "ears-only": { madeFrom: "set", isForLearners: false },
  helper: { madeFrom: "plan", isForLearners: false },
} as const satisfies Readonly<Record<SetKind | "helper", SheetDefinition>>;

export type SheetKind = keyof typeof SHEETS;

/** Ids of the sheets. */
export const SHEET_KINDS = Object.keys(SHEETS) as readonly SheetKind[];
