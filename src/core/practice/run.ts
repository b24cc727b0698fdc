import type { Lexicon } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import type { AccentSettings } from "../sounds/accents.ts";
import type { ActivityContent } from "./activity-kinds.ts";
import { type Prompt, type PromptTarget, targetOf } from "./prompt.ts";
import { stepsOf } from "./prompts.ts";

/** One thing an activity is gone through by. */
export interface RunItem {
  readonly prompt: Prompt;
  /** What is answered to; nothing is marked where there is none. */
  readonly target?: PromptTarget;
}

/** An activity item by item, in the order in which it is planned. */
export function runItems(
  content: ActivityContent,
  accent: AccentSettings,
  list: Lexicon = shippedLexicon(),
): RunItem[] {
  return stepsOf(content, accent, list).map((prompt) => {
    const target = targetOf(prompt);
    return { prompt, ...(target && { target }) };
  });
}
