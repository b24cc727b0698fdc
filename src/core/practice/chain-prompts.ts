import { readChain } from "../chains/read-chain.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import type { Prompt } from "./prompt.ts";

/**
 * What is said for words one after another: the first one, then what changes. Two words that are no step apart are said
 * as a new word each.
 */
export function chainPrompts(words: readonly string[], build: boolean, lexicon: Lexicon): Prompt[] {
  const [first] = words;
  if (first === undefined) return [];
  const { steps } = readChain(words, lexicon);
  return [
    { code: "first-word", word: first, build },
    ...steps.flatMap((step, k): Prompt[] => {
      const answer = words[k + 1] as string;
      if (!step.single) return [{ code: "first-word", word: answer, build }];
      const { kind, position, oldUnit, newUnit } = step;
      const [old, now] = [oldUnit?.phonemes ?? [], newUnit?.phonemes ?? []];
      if (kind === "add") return [{ code: "add", now, position, answer, build }];
      if (kind === "take-away") return [{ code: "take-away", old, position, answer, build }];
      return [{ code: "change", old, now, position, answer, build }];
    }),
  ];
}
