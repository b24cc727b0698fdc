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
