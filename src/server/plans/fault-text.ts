import { type LessonFault, partsOfGpcId } from "../../core/index.ts";

/** What stands against a lesson, as an answer of the server says it. */
export function faultText(fault: LessonFault): string {
  switch (fault.code) {
    case "empty":
      return "nothing is left in it";
    case "held-back-shown":
      return `${fault.word} is kept back for the end`;
    case "not-nonsense":
      return `${fault.word} is no nonsense word`;
    case "no-context":
      return `${fault.word} sounds like ${fault.alike}, and stands in no sentence`;
    case "not-learnt-whole":
      return `${fault.word} is not among the words learnt whole`;
    case "not-taught":
      return `${partsOfGpcId(fault.gpc).grapheme} is not taught yet`;
    case "no-step":
      return `${fault.from} to ${fault.to} is not one step`;
    case "refused":
      return fault.refusal.code === "not-decodable"
        ? `${fault.refusal.word} is not within reach yet`
        : fault.refusal.code === "not-in-list"
          ? `${fault.refusal.word} is not in the word list`
          : `${fault.refusal.word} is kept out`;
  }
}
