import { lexiconIn } from "../lexicon/in-accent.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import type { ResponseMode } from "../responses/response.ts";
import type { AccentSettings } from "../sounds/accents.ts";
import type { ActivityContent } from "./activity.ts";
import { type Prompt, promptsOf } from "./prompts.ts";

/** One thing an activity is gone through by. */
export interface RunItem {
  readonly prompt: Prompt;
  /** What is answered to, and how: a word, or the GPC id of a card. Nothing is marked where there is none. */
  readonly target?: { readonly name: string; readonly mode: ResponseMode };
}

/** An activity item by item, in the order in which it is planned. */
export function runItems(
  content: ActivityContent,
  accent: AccentSettings,
  list: Lexicon = shippedLexicon(),
): RunItem[] {
  const lexicon = lexiconIn(list, accent);
  return promptsOf(content, accent, lexicon).map((prompt) => {
    const target = targetOf(prompt);
    return { prompt, ...(target && { target }) };
  });
}

function targetOf(prompt: Prompt): RunItem["target"] {
  switch (prompt.code) {
    case "first-word":
      return { name: prompt.word, mode: prompt.build ? "built" : "read" };
    case "change":
    case "add":
    case "take-away":
      return { name: prompt.answer, mode: prompt.build ? "built" : "read" };
    case "card":
    case "new-sound":
      return { name: prompt.gpc, mode: "card" };
    case "read":
    case "whole":
    case "real":
      return { name: prompt.word, mode: "read" };
    case "dictate":
      return { name: prompt.word, mode: "wrote" };
    case "find":
    case "gap":
    case "judge":
    case "sort":
      return { name: prompt.word, mode: "chose" };
    case "spell":
    case "oral":
    case "dictate-sentence":
    case "read-text":
    case "text":
      return undefined;
  }
}
