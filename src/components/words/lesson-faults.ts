import type { LessonFault } from "../../core/light.ts";
import { notTaughtWords, refusalWords, stepReasonWords } from "./reasons.ts";
import { gpcName } from "./sounds.ts";

/** What stands against a lesson, as its plan says it. */
export function lessonFaultWords(fault: LessonFault): string {
  switch (fault.code) {
    case "empty":
      return "Nothing is left in it.";
    case "held-back-shown":
      return `${fault.word}: kept back for the end, and it comes here already.`;
    case "not-nonsense":
      return `${fault.word}: no nonsense word.`;
    case "not-learnt-whole":
      return `${fault.word}: not among the words learnt whole.`;
    case "not-taught":
      return `Not taught yet: ${gpcName(fault.gpc)}`;
    case "no-step":
      return `${fault.from} to ${fault.to}: ${stepReasonWords(fault.reason)}.`;
    case "refused":
      return `${fault.refusal.word}: ${
        fault.refusal.code === "not-decodable" ? notTaughtWords(fault.refusal.missing) : refusalWords(fault.refusal)
      }`;
  }
}

/** The words that could be taken out to mend it. */
export const wordsAtFault = (faults: readonly LessonFault[]): string[] => [
  ...new Set(
    faults.flatMap((fault) => (fault.code === "refused" ? [fault.refusal.word] : "word" in fault ? [fault.word] : [])),
  ),
];
