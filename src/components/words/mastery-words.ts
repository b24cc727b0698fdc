import type { Assessment, MasteryLevel, MasteryRule, UnitMastery } from "../../core/light.ts";
import { fewOf } from "./counted.ts";
import { saidMoment } from "./dates.ts";
import { gpcName } from "./gpc-name.ts";
import { gpcLetters } from "./sounds.ts";

/** Where a learner stands, in words. */

export const MASTERY_LEVEL_NAME: Readonly<Record<MasteryLevel, string>> = {
  working: "Working on",
  due: "Known, due to be looked at again",
  secure: "Secure",
  "not-met": "Taught, not met lately",
};

/** In the order in which they are read. */
export const MASTERY_LEVELS: readonly MasteryLevel[] = ["working", "due", "secure", "not-met"];

/** `"e as in bed: 7 of the last 10 right"`. */
export function masteryTitle({ gpc, right, of, dueOn }: UnitMastery): string {
  const again = dueOn === undefined ? "" : `; looked at again on ${saidMoment(`${dueOn}T12:00:00Z`, "short")}`;
  return `${gpcName(gpc)}: ${right} of the last ${of} right${again}`;
}

const MOST_NAMED = 6;

/** What the newest of it says of the next step. */
export function adviceWords({ advice, holding }: Pick<Assessment, "advice" | "holding">): string {
  const named = fewOf(holding.map(gpcLetters), MOST_NAMED);
  if (advice === undefined)
    return "Too little of what was taught last has been met to say whether the next step may come.";
  if (advice === "move-on")
    return holding.length === 0
      ? "Ready to move on: what was taught last is known, or nearly."
      : `Ready to move on; still to be watched: ${named}.`;
  return `Hold this step: not known yet of what was taught last: ${named}.`;
}

/** The rule of mastery, said where it is used. */
export const ruleWords = ({ right, of, days }: MasteryRule): string =>
  `Secure: ${right} of the last ${of} right, on at least ${days} ${days === 1 ? "day" : "days"}; then looked at again after 7, 14, 30 and 60 days.`;
