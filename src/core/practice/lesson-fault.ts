import type { WordRefusal } from "../chains/allowed-words.ts";
import type { StepReason } from "../chains/step-compare.ts";

/** What is wrong with an activity. */
export type LessonFault = { readonly activity: string } & (
  | { readonly code: "empty" }
  | { readonly code: "refused"; readonly refusal: WordRefusal }
  | { readonly code: "not-nonsense"; readonly word: string }
  | { readonly code: "not-learnt-whole"; readonly word: string }
  /** A card or a new sound, by its GPC id. */
  | { readonly code: "not-taught"; readonly gpc: string }
  /** Two words of a chain, one after the other, that are not one step apart. */
  | { readonly code: "no-step"; readonly from: string; readonly to: string; readonly reason: StepReason }
  /** A dictated word that sounds like another one, in no sentence that would tell which is meant. */
  | { readonly code: "no-context"; readonly word: string; readonly alike: string }
  /** A word kept back for the end comes before it. */
  | { readonly code: "held-back-shown"; readonly word: string }
);

/** The same of one content, before it is said which activity it is of. */
export type ContentFault = LessonFault extends infer Fault
  ? Fault extends unknown
    ? Omit<Fault, "activity">
    : never
  : never;

/**
 * Does it keep a lesson from being begun? A word that is only kept out of the school is left out then, and one that was
 * to be kept back is still a word the group can read.
 */
export function stopsLesson(fault: LessonFault): boolean {
  if (fault.code === "held-back-shown") return false;
  return fault.code !== "refused" || (fault.refusal.code !== "never-list" && fault.refusal.code !== "unsuitable");
}
