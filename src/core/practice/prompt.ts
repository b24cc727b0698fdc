import type { ChangePosition } from "../chains/moves.ts";
import type { SpellingFact } from "../families/position-facts.ts";
import type { Bin } from "../families/sort-bins.ts";
import type { OralItem } from "../oral/item.ts";
import { oralName } from "../oral/oral-target.ts";
import type { ResponseMode } from "../responses/response-modes.ts";
import type { Pattern } from "../scope/patterns.ts";
import type { WordToRead } from "../texts/phrases.ts";
import { sentenceName } from "./cards.ts";

/** Where a word of a text stands, and its phrase, its line and its page. */
export type PlaceInText = Omit<WordToRead, "spelling">;

/** One thing the helper says or does; put into words by the interface. */
export type Prompt =
  | { readonly code: "first-word"; readonly word: string; readonly build: boolean }
  | {
      readonly code: "change";
      readonly old: readonly string[];
      readonly now: readonly string[];
      readonly position: ChangePosition;
      readonly answer: string;
      readonly build: boolean;
    }
  | {
      readonly code: "add";
      readonly now: readonly string[];
      readonly position: ChangePosition;
      readonly answer: string;
      readonly build: boolean;
    }
  | {
      readonly code: "take-away";
      readonly old: readonly string[];
      readonly position: ChangePosition;
      readonly answer: string;
      readonly build: boolean;
    }
  | {
      readonly code: "card";
      readonly gpc: string;
      readonly grapheme: string;
      readonly sound: readonly string[];
      /** Other sounds that have been taught for it: all of them are wanted. */
      readonly also: readonly (readonly string[])[];
    }
  | {
      readonly code: "spell";
      readonly sound: readonly string[];
      readonly graphemes: readonly string[];
      /** Where each of them stands. */
      readonly facts?: readonly (readonly SpellingFact[])[];
    }
  | {
      readonly code: "new-sound";
      readonly gpc: string;
      readonly grapheme: string;
      readonly sound: readonly string[];
      readonly cue: string;
      readonly keyWord: string;
      /** Where the spelling stands. */
      readonly facts: readonly SpellingFact[];
    }
  | { readonly code: "read"; readonly word: string }
  /** `context`: said with it, where another word sounds the same. */
  | { readonly code: "dictate"; readonly word: string; readonly context?: string }
  | { readonly code: "dictate-sentence"; readonly sentence: string }
  | { readonly code: "find"; readonly word: string; readonly among: readonly string[] }
  | {
      readonly code: "gap";
      readonly word: string;
      readonly unit: number;
      readonly gapped: string;
      readonly choices: readonly string[];
    }
  | { readonly code: "judge"; readonly word: string; readonly shown: string }
  | { readonly code: "real"; readonly word: string; readonly real: boolean }
  /** `odd`: graphemes that the group would not read so; `sentence`: read after it. */
  | { readonly code: "whole"; readonly word: string; readonly odd: readonly string[]; readonly sentence?: string }
  | { readonly code: "oral"; readonly item: OralItem }
  /** `belongs`: the bin's index; undefined for a word that belongs in none. */
  | {
      readonly code: "sort";
      readonly word: string;
      readonly bins: readonly Bin[];
      readonly belongs: number | undefined;
    }
  | {
      readonly code: "which-word";
      readonly word: string;
      /** The sentence with a line in the place of the word. */
      readonly gapped: string;
      readonly choices: readonly string[];
    }
  /** The sentence is said, not shown; the choices sound the same. */
  | {
      readonly code: "which-spelling";
      readonly word: string;
      readonly sentence: string;
      readonly choices: readonly string[];
    }
  | {
      readonly code: "word-part";
      readonly part: Pattern;
      readonly meaning: string;
      readonly base: string;
      readonly word: string;
    }
  /** `spans`: where the targets stand, from a character up to before another. */
  | {
      readonly code: "read-text";
      readonly text: string;
      readonly targets: readonly string[];
      readonly spans: readonly (readonly [number, number])[];
    }
  /** A word of a text that is read aloud; where it stands in the text, from a character up to before another. */
  | { readonly code: "read-in-text"; readonly word: string; readonly place: PlaceInText }
  /** Of the teacher's own, about a text. */
  | { readonly code: "question"; readonly question: string }
  | { readonly code: "true-or-not"; readonly sentence: string; readonly isTrue: boolean }
  | { readonly code: "text"; readonly text: string };

export type PromptCode = Prompt["code"];

/** What is answered to, and how: a word, the GPC id of a card, or the name of an ears-only item. */
export interface PromptTarget {
  readonly name: string;
  readonly mode: ResponseMode;
}

const nothing = () => undefined;
const changed = ({ answer, build }: { readonly answer: string; readonly build: boolean }): PromptTarget => ({
  name: answer,
  mode: build ? "built" : "read",
});
const chosen = ({ word }: { readonly word: string }): PromptTarget => ({ name: word, mode: "chose" });
const read = ({ word }: { readonly word: string }): PromptTarget => ({ name: word, mode: "read" });
const card = ({ gpc }: { readonly gpc: string }): PromptTarget => ({ name: gpc, mode: "card" });

/** What is answered to in each kind of prompt; nothing is marked where there is none. */
const TARGETS: {
  readonly [C in PromptCode]: (prompt: Extract<Prompt, { readonly code: C }>) => PromptTarget | undefined;
} = {
  "first-word": ({ word, build }) => ({ name: word, mode: build ? "built" : "read" }),
  change: changed,
  add: changed,
  "take-away": changed,
  card,
  "new-sound": card,
  spell: nothing,
  read,
  whole: read,
  real: read,
  dictate: ({ word }) => ({ name: word, mode: "wrote" }),
  "dictate-sentence": ({ sentence }) => ({ name: sentenceName(sentence), mode: "sentence" }),
  find: chosen,
  gap: chosen,
  judge: chosen,
  sort: chosen,
  "which-word": chosen,
  "which-spelling": chosen,
  "word-part": read,
  oral: ({ item }) => ({ name: oralName(item), mode: "oral" }),
  "read-text": nothing,
  "read-in-text": read,
  question: nothing,
  "true-or-not": nothing,
  text: nothing,
};

/** What is answered to in a prompt, and how; undefined where nothing is marked. */
export const targetOf = <P extends Prompt>(prompt: P): PromptTarget | undefined =>
  (TARGETS[prompt.code] as (prompt: P) => PromptTarget | undefined)(prompt);
