import type { Prompt, PromptCode } from "../../core/light.ts";
import { PATTERN_SHORT } from "../words/pattern-names.ts";

/** What of a prompt stands on a learner's sheet: never the answer. */
export type PaperItem =
  /** A word to read. */
  | { readonly kind: "word"; readonly word: string }
  /** A line to write on: a word, or a sentence. */
  | { readonly kind: "line"; readonly isLong: boolean }
  /** One of the choices is ringed; without a text it is said. */
  | { readonly kind: "choose"; readonly text: string; readonly choices: readonly string[] }
  /** Is it so? Two boxes. */
  | { readonly kind: "is-it"; readonly text: string; readonly names: readonly [string, string] }
  /** An ending or a beginning, as it is called, is put on a word. */
  | { readonly kind: "grow"; readonly base: string; readonly part: string }
  | { readonly kind: "text"; readonly text: string }
  | { readonly kind: "question"; readonly question: string };

const nothing = () => undefined;
const toRead = ({ word }: { readonly word: string }): PaperItem => ({ kind: "word", word });
const inChain = ({ answer, build }: { readonly answer: string; readonly build: boolean }): PaperItem =>
  build ? { kind: "line", isLong: false } : { kind: "word", word: answer };

/** Every kind of prompt on a learner's sheet; nothing where it is only said, shown or laid. */
const ON_PAPER: {
  readonly [C in PromptCode]: (prompt: Extract<Prompt, { readonly code: C }>) => PaperItem | undefined;
} = {
  "first-word": ({ word, build }) => inChain({ answer: word, build }),
  change: inChain,
  add: inChain,
  "take-away": inChain,
  card: nothing,
  spell: () => ({ kind: "line", isLong: true }),
  "new-sound": nothing,
  read: toRead,
  whole: toRead,
  dictate: () => ({ kind: "line", isLong: false }),
  "dictate-sentence": () => ({ kind: "line", isLong: true }),
  find: ({ among }) => ({ kind: "choose", text: "", choices: among }),
  gap: ({ gapped, choices }) => ({ kind: "choose", text: gapped, choices }),
  judge: ({ shown }) => ({ kind: "is-it", text: shown, names: ["right", "not right"] }),
  real: ({ word }) => ({ kind: "is-it", text: word, names: ["a word", "not a word"] }),
  oral: nothing,
  sort: toRead,
  "which-word": ({ gapped, choices }) => ({ kind: "choose", text: gapped, choices }),
  "which-spelling": ({ choices }) => ({ kind: "choose", text: "", choices }),
  "word-part": ({ base, part }) => ({ kind: "grow", base, part: PATTERN_SHORT[part] }),
  "read-text": ({ text }) => ({ kind: "text", text }),
  "read-in-text": nothing,
  question: ({ question }) => ({ kind: "question", question }),
  "true-or-not": ({ sentence }) => ({ kind: "is-it", text: sentence, names: ["true", "not true"] }),
  text: nothing,
};

/** What of a prompt stands on a learner's sheet. */
export const onPaper = <P extends Prompt>(prompt: P): PaperItem | undefined =>
  (ON_PAPER[prompt.code] as (prompt: P) => PaperItem | undefined)(prompt);
