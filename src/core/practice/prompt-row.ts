import { oralName } from "../oral/oral-target.ts";
import type { Prompt, PromptCode } from "./prompt.ts";

/** A prompt as it travels in a table: what is right, what is read or said with it, and what is chosen from. */
export interface PromptRow {
  readonly answer: string;
  readonly text: string;
  readonly choices: readonly string[];
}

const row = (answer: string, text = "", choices: readonly string[] = []): PromptRow => ({ answer, text, choices });
const answered = ({ answer }: { readonly answer: string }) => row(answer);
const aWord = ({ word }: { readonly word: string }) => row(word);
const said = (sound: readonly string[]): string => sound.join("+");

/** Every kind of prompt as a row. */
const ROWS: { readonly [C in PromptCode]: (prompt: Extract<Prompt, { readonly code: C }>) => PromptRow } = {
  "first-word": aWord,
  change: answered,
  add: answered,
  "take-away": answered,
  card: ({ grapheme, sound, also }) => row(said(sound), grapheme, also.map(said)),
  spell: ({ sound, graphemes }) => row(graphemes.join(" "), said(sound)),
  "new-sound": ({ grapheme, sound }) => row(said(sound), grapheme),
  read: aWord,
  dictate: ({ word, context }) => row(word, context),
  "dictate-sentence": ({ sentence }) => row(sentence),
  find: ({ word, among }) => row(word, "", among),
  gap: ({ word, gapped, choices }) => row(word, gapped, choices),
  judge: ({ word, shown }) => row(word, shown),
  real: ({ word, real }) => row(real ? "real" : "nonsense", word),
  whole: ({ word, sentence }) => row(word, sentence),
  oral: ({ item }) => row(oralName(item)),
  sort: aWord,
  "which-word": ({ word, gapped, choices }) => row(word, gapped, choices),
  "which-spelling": ({ word, sentence, choices }) => row(word, sentence, choices),
  "word-part": ({ base, word }) => row(word, base),
  "read-text": ({ text }) => row("", text),
  "read-in-text": aWord,
  question: ({ question }) => row("", question),
  "true-or-not": ({ sentence, isTrue }) => row(isTrue ? "true" : "not true", sentence),
  text: ({ text }) => row("", text),
};

/** A prompt as a row of a table. */
export const promptRow = <P extends Prompt>(prompt: P): PromptRow =>
  (ROWS[prompt.code] as (prompt: P) => PromptRow)(prompt);
