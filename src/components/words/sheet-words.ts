import type { SheetKind } from "../../core/light.ts";

/** What every kind of sheet is called: the twin of SHEETS. */
export const SHEET_NAME = {
  family: "Word cards",
  sort: "Sorting mat and words",
  pairs: "Pairs of words",
  "ears-only": "What to say, with the answers",
  text: "Text to read",
  helper: "For the helper",
  worksheet: "For the learners",
  "learner-summary": "On one page",
  "group-summary": "The group on one page",
  handover: "For a colleague taking over",
  "room-summary": "The whole room on one page",
  steps: "Teacher's card",
  strips: "Strips to cut",
  tiles: "Tiles",
  "sound-boxes": "Sound boxes",
  reading: "Reading sheet",
  tracing: "Tracing sheet",
  record: "Record sheet",
} as const satisfies Readonly<Record<SheetKind, string>>;
