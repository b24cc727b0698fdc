import type { Move } from "../chains/moves.ts";
import { stepBy } from "../chains/step-by.ts";
import { lexiconIn } from "../lexicon/in-accent.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import type { Activity } from "./activity.ts";
import { isChain, itemsOfContent, wordsOfContent } from "./activity-content.ts";
import type { ActivityContent } from "./activity-kinds.ts";
import { workOf } from "./activity-work.ts";
import { contentCheck, type LessonRules } from "./content-check.ts";
import type { ContentFault, LessonFault } from "./lesson-fault.ts";

/** An activity as it is looked over. */
export interface CheckedActivity extends Pick<Activity, "id" | "content" | "heldBack"> {
  /**
   * A chain or a set that the teacher has made: nonsense words that pass their screens may stand in it, and a chain
   * goes by the moves that were asked for.
   */
  readonly teacherMade?: {
    readonly moves?: readonly Move[];
    /** The words of a chain that is made for the ears. */
    readonly byEar?: readonly string[];
  };
}

/**
 * Looks a whole lesson over: every word of every activity, by what it is there for; every card; every step of a chain.
 */
export function checkLesson(
  activities: readonly CheckedActivity[],
  rules: LessonRules,
  list: Lexicon = shippedLexicon(),
): LessonFault[] {
  const lexicon = lexiconIn(list, rules.taught.accent);
  const heldBack = new Set(activities.filter((one) => one.heldBack).flatMap(({ content }) => wordsOfContent(content)));
  return activities.flatMap(({ id, content, teacherMade, heldBack: isEnd }): LessonFault[] => {
    if (itemsOfContent(content) === 0) return [{ activity: id, code: "empty" }];
    const leaks = isEnd ? [] : [...new Set(wordsOfContent(content))].filter((word) => heldBack.has(word));
    return [
      ...[
        ...workOf(content).faults(content, contentCheck(rules, lexicon, teacherMade !== undefined)),
        ...stepFaults(content, teacherMade, lexicon),
      ].map((fault) => ({ ...fault, activity: id })),
      ...leaks.map((word): LessonFault => ({ activity: id, code: "held-back-shown", word })),
    ];
  });
}

function stepFaults(
  content: ActivityContent,
  teacherMade: CheckedActivity["teacherMade"],
  lexicon: Lexicon,
): ContentFault[] {
  const words = teacherMade?.byEar ?? (isChain(content) ? content.words : []);
  const rule = { ...(teacherMade?.moves && { moves: teacherMade.moves }), accent: lexicon.accent };
  return words.slice(1).flatMap((to, k): ContentFault[] => {
    const from = words[k] as string;
    const step = stepBy(teacherMade?.byEar ? "ears-only" : undefined, from, to, rule, lexicon);
    return step.single ? [] : [{ code: "no-step", from, to, reason: step.reason }];
  });
}
