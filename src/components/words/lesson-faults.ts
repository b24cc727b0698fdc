import { type ActivityContent, editableFieldsOf, isChain, type LessonFault } from "../../core/light.ts";
import { gpcName } from "./gpc-name.ts";
import { missingWords, refusalWords, stepReasonWords } from "./reasons.ts";

/** What stands against an activity, one line a reason: `"then, than: not taught yet: th"`. */
export function lessonFaultLines(faults: readonly LessonFault[]): string[] {
  const subjects = new Map<string, Set<string>>();
  for (const fault of faults) {
    const reason = reasonWords(fault);
    subjects.set(reason, (subjects.get(reason) ?? new Set()).add(subjectOf(fault)));
  }
  return [...subjects].map(([reason, of]) => [[...of].filter(Boolean).join(", "), reason].filter(Boolean).join(": "));
}

function subjectOf(fault: LessonFault): string {
  switch (fault.code) {
    case "empty":
      return "";
    case "not-taught":
      return gpcName(fault.gpc);
    case "no-step":
      return `${fault.from} to ${fault.to}`;
    case "refused":
      return fault.refusal.word;
    default:
      return fault.word;
  }
}

function reasonWords(fault: LessonFault): string {
  switch (fault.code) {
    case "empty":
      return "nothing is left in it";
    case "held-back-shown":
      return "kept back for the end, and here already";
    case "no-context":
      return `sounds like ${fault.alike}: give a sentence to say with it`;
    case "not-nonsense":
      return "does not serve as a nonsense word";
    case "not-learnt-whole":
      return "not among the words learnt whole";
    case "not-taught":
      return "not taught yet";
    case "no-step":
      return stepReasonWords(fault.reason);
    case "refused": {
      if (fault.refusal.code === "not-decodable")
        return `not taught yet: ${fault.refusal.missing.map(missingWords).join(", ")}`;
      const said = refusalWords(fault.refusal).replace(/\.$/, "");
      return said.charAt(0).toLowerCase() + said.slice(1);
    }
  }
}

/** The words that could be taken out to mend it. */
export const wordsAtFault = (faults: readonly LessonFault[]): string[] => [
  ...new Set(
    faults.flatMap((fault) => (fault.code === "refused" ? [fault.refusal.word] : "word" in fault ? [fault.word] : [])),
  ),
];

/** The words that are left without some; undefined where taking them out leaves nothing, or a chain in pieces. */
export function wordsWithout(content: ActivityContent, out: readonly string[]): string[] | undefined {
  if (
    !("words" in content) ||
    !editableFieldsOf(content).includes("words") ||
    out.length === 0 ||
    !out.every((word) => content.words.includes(word))
  )
    return undefined;
  const left = content.words.filter((word) => !out.includes(word));
  if (left.length === 0) return undefined;
  return isChain(content) && !` ${content.words.join(" ")} `.includes(` ${left.join(" ")} `) ? undefined : left;
}
