import type { SetKind } from "../practice/set-kinds.ts";

interface SheetDefinition {
  /** What it is printed from: a saved set, a lesson, or words one after another (a chain, a list), or records. */
  readonly madeFrom: "set" | "plan" | "words" | "records";
  /** Who holds it: what learners hold shows no answers and no notes. */
  readonly isFor: "teacher" | "learners";
  /** What the teacher chooses for it. */
  readonly choices: readonly SheetChoice[];
}

/** How many are wanted (one, or one a learner), or which way words run. */
export type SheetChoice = "copies" | "direction";

/**
 * Every kind of sheet that is printed, one definition each. How it looks stands in components/print/, what it is called
 * in components/words/sheet-words.ts.
 */
export const SHEETS = {
  family: { madeFrom: "set", isFor: "learners", choices: [] },
  sort: { madeFrom: "set", isFor: "learners", choices: [] },
  pairs: { madeFrom: "set", isFor: "learners", choices: [] },
  "ears-only": { madeFrom: "set", isFor: "teacher", choices: [] },
  text: { madeFrom: "set", isFor: "learners", choices: [] },
  helper: { madeFrom: "plan", isFor: "teacher", choices: [] },
  worksheet: { madeFrom: "plan", isFor: "learners", choices: [] },
  "learner-summary": { madeFrom: "records", isFor: "teacher", choices: [] },
  "group-summary": { madeFrom: "records", isFor: "teacher", choices: [] },
  handover: { madeFrom: "records", isFor: "teacher", choices: [] },
  "room-summary": { madeFrom: "records", isFor: "teacher", choices: [] },
  steps: { madeFrom: "words", isFor: "teacher", choices: [] },
  strips: { madeFrom: "words", isFor: "learners", choices: [] },
  tiles: { madeFrom: "words", isFor: "learners", choices: ["copies"] },
  "sound-boxes": { madeFrom: "words", isFor: "learners", choices: [] },
  reading: { madeFrom: "words", isFor: "learners", choices: ["direction"] },
  tracing: { madeFrom: "words", isFor: "learners", choices: [] },
  record: { madeFrom: "words", isFor: "teacher", choices: [] },
} as const satisfies Readonly<Record<SetKind | PlanSheetKind | SummaryKind | WordSheetKind, SheetDefinition>>;

/** What a lesson is printed as. */
type PlanSheetKind = "helper" | "worksheet";

/** What is said of somebody on one page. */
type SummaryKind = "learner-summary" | "group-summary" | "handover" | "room-summary";

/** What words one after another are printed as. */
type WordSheetKind = "steps" | "strips" | "tiles" | "sound-boxes" | "reading" | "tracing" | "record";

export type SheetKind = keyof typeof SHEETS;

/** Ids of the sheets. */
export const SHEET_KINDS = Object.keys(SHEETS) as readonly SheetKind[];

/** A sheet that words one after another are printed on. */
export type WordSheet = { [K in SheetKind]: (typeof SHEETS)[K]["madeFrom"] extends "words" ? K : never }[SheetKind];

/** Ids of the sheets of words, in the order of their row of buttons. */
export const WORD_SHEETS = SHEET_KINDS.filter((kind): kind is WordSheet => SHEETS[kind].madeFrom === "words");

/** Does a sheet have this choice? */
export const hasChoice = (kind: SheetKind, choice: SheetChoice): boolean =>
  (SHEETS[kind].choices as readonly SheetChoice[]).includes(choice);
