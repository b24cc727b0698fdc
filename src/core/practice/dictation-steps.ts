/** The steps of a dictation, in the order in which they are done. Common practice, no source. */
export const DICTATION_STEPS = ["hear", "say", "count", "tap", "write", "read-back", "check", "compare"] as const;
export type DictationStep = (typeof DICTATION_STEPS)[number];

/** What is dictated. */
export type Dictated = "word" | "sentence";

/** Of one word there is nothing to count, and neither a capital nor a stop to look for. */
const OF_SENTENCES: readonly DictationStep[] = ["count", "check"];

/**
 * The steps of dictating a word or a sentence.
 *
 * @param hasChecklist whether there is anything that a written sentence is looked over for
 */
export const dictationSteps = (of: Dictated, hasChecklist: boolean): readonly DictationStep[] =>
  DICTATION_STEPS.filter((step) =>
    step === "check" ? of === "sentence" && hasChecklist : of === "sentence" || !OF_SENTENCES.includes(step),
  );

/** What learners look their sentence over for, before they see it as it should be. */
export const CHECKLIST_POINTS = ["capital", "spaces", "stop", "handwriting", "spelling"] as const;
export type ChecklistPoint = (typeof CHECKLIST_POINTS)[number];

/** A line of the school's checklist. */
export interface ChecklistLine {
  readonly point: ChecklistPoint;
  /** The school's own words for it; empty: the usual ones. */
  readonly words: string;
}

/** Everything, in the usual words. */
export const DEFAULT_CHECKLIST: readonly ChecklistLine[] = CHECKLIST_POINTS.map((point) => ({ point, words: "" }));
