import type { CountingRule } from "../../core/light.ts";

/** What counts as evidence, one entry a choice: how it is chosen, and how it is said where figures stand. */
export const COUNTING_WORDS = {
  tappedCounts: {
    name: "Right only after tapping counts as right",
    yes: "Right after tapping counts as right.",
    no: "What was right only after tapping is left out.",
  },
  everyRepeatCounts: {
    name: "A word that comes again in one lesson counts each time",
    yes: "A word that comes again in one lesson counts each time.",
    no: "Of a word that comes again in one lesson the first answer counts.",
  },
  badLessonsCount: {
    name: "A lesson that went badly counts (more wrong than right, of six answers or more)",
    yes: "Lessons that went badly count.",
    no: "A lesson in which somebody had more wrong than right, of six answers or more, is left out for them.",
  },
} as const satisfies Readonly<
  Record<keyof CountingRule, { readonly name: string; readonly yes: string; readonly no: string }>
>;

/** The choices, in the order in which they are read. */
export const COUNTING_CHOICES = Object.keys(COUNTING_WORDS) as readonly (keyof CountingRule)[];

/** What is so in every school. */
export const ALWAYS_APART =
  "What all said together, words kept back until the end of a lesson, and rehearsals are counted apart. What was put right unasked, or not tried, says nothing of single sounds.";

/** The whole rule, in sentences. */
export const countingWords = (rule: CountingRule): string =>
  [...COUNTING_CHOICES.map((choice) => COUNTING_WORDS[choice][rule[choice] ? "yes" : "no"]), ALWAYS_APART].join(" ");
