import { lexiconIn } from "../lexicon/in-accent.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import type { AccentSettings } from "../sounds/accents.ts";
import type { ActivityContent } from "./activity-kinds.ts";
import { workOf } from "./activity-work.ts";
import type { Prompt } from "./prompt.ts";

/** What is said in an activity, step by step. */
export const promptsOf = (
  content: ActivityContent,
  accent: AccentSettings,
  list: Lexicon = shippedLexicon(),
): Prompt[] => workOf(content).prompts(content, lexiconIn(list, accent));

/** What an activity is gone through by in a lesson: what is said in it, and every word of a text that is read. */
export function stepsOf(content: ActivityContent, accent: AccentSettings, list: Lexicon = shippedLexicon()): Prompt[] {
  const { steps, prompts } = workOf(content);
  return (steps ?? prompts)(content, lexiconIn(list, accent));
}
