import type { SentenceRule, SentenceVerdict } from "../../core/light.ts";

/** What a sentence is looked at for, as it is told when it was not kept, and as it is chosen in Settings. */
export const SENTENCE_RULE_WORDS: Readonly<Record<SentenceRule, { readonly broken: string; readonly name: string }>> = {
  capital: { broken: "no capital at the beginning", name: "a capital at the beginning" },
  spaces: { broken: "words run together or parted", name: "spaces between words" },
  stop: { broken: "no full stop", name: "a full stop, or ? or !, at the end" },
};

/** `"fish as “fis”; is left out; no full stop"`: a written sentence in one line. */
export function sentenceVerdictWords({ words, added, broken, isRight }: SentenceVerdict): string {
  if (isRight) return "right";
  const told = words.flatMap(({ word, written, verdict }) => {
    if (verdict === "missing") return [`${word} left out`];
    return verdict === "right" ? [] : [`${word} as “${written}”`];
  });
  return [
    ...told,
    ...added.map((word) => `“${word}” put in`),
    ...broken.map((rule) => SENTENCE_RULE_WORDS[rule].broken),
  ].join("; ");
}
