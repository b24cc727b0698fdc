import { lexiconIn } from "../lexicon/in-accent.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { type JudgeRequest, judgeWord, type WordVerdict } from "./judge-word.ts";

/** Judges every word of a chain as it stands: may it be shown, and is it one step from the word before? */
export function judgeChain(
  words: readonly string[],
  rules: Omit<JudgeRequest, "before" | "after" | "taken">,
  list: Lexicon = shippedLexicon(),
): WordVerdict[] {
  const lexicon = lexiconIn(list, rules.taught.accent);
  return words.map((word, k) => {
    const before = words[k - 1];
    const others = words.filter((_, other) => other !== k);
    return judgeWord(word, { ...rules, ...(before !== undefined && { before }), taken: others }, lexicon);
  });
}
