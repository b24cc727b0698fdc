import type { Bin } from "../families/sort-bins.ts";
import type { SpellingFact } from "../families/spelling-choices.ts";
import type { WalkWay } from "../families/walk-parts.ts";
import type { OralItem } from "../oral/item.ts";
import type { OralSkill } from "../oral/skills.ts";
import type { PracticeSettings } from "./settings.ts";

/** What is done in an activity, with everything it is done with. */
export type ActivityContent =
  | {
      readonly kind: "ears-only";
      readonly parts: readonly { readonly skill: OralSkill; readonly items: readonly OralItem[] }[];
    }
  /** See the letters, say the sound; GPC ids, shuffled. */
  | { readonly kind: "sound-cards"; readonly gpcs: readonly string[] }
  /** Hear the sound, write every spelling of it that has been taught. */
  | {
      readonly kind: "hear-and-spell";
      readonly sounds: readonly { readonly sound: readonly string[]; readonly gpcs: readonly string[] }[];
    }
  | {
      readonly kind: "new-sound";
      readonly gpc: string;
      /** A word of the teacher's own to hang the sound on; empty until there is one. */
      readonly keyWord: string;
      readonly facts: readonly SpellingFact[];
      readonly words: readonly string[];
    }
  | { readonly kind: "blending" | "read-chain" | "build-chain"; readonly words: readonly string[] }
  | { readonly kind: "family-walk"; readonly words: readonly string[]; readonly way: WalkWay }
  | { readonly kind: "word-list"; readonly words: readonly string[] }
  /** The word said stands among others. */
  | {
      readonly kind: "find-it";
      readonly items: readonly { readonly word: string; readonly foils: readonly string[] }[];
    }
  | {
      readonly kind: "fill-the-gap";
      readonly items: readonly { readonly word: string; readonly unit: number; readonly choices: readonly string[] }[];
    }
  /** A word is said, another or the same is shown. */
  | { readonly kind: "right-or-not"; readonly items: readonly { readonly word: string; readonly shown: string }[] }
  | { readonly kind: "real-or-nonsense"; readonly items: readonly { readonly word: string; readonly real: boolean }[] }
  | { readonly kind: "dictation"; readonly words: readonly string[]; readonly sentences: readonly string[] }
  | { readonly kind: "irregular-words"; readonly words: readonly string[] }
  | {
      readonly kind: "sort";
      readonly bins: readonly { readonly bin: Bin; readonly words: readonly string[] }[];
      /** All words, those that belong in no bin among them, as they are laid out. */
      readonly table: readonly string[];
    }
  /** Spot and count today's sounds first, then read; GPC ids. */
  | { readonly kind: "text"; readonly text: string; readonly targets: readonly string[] }
  | { readonly kind: "free"; readonly text: string };

export type ActivityKind = ActivityContent["kind"];

/** Kinds that are words one after another, and nothing more: words can be put in and taken out one by one. */
export const WORD_LISTS = [
  "blending",
  "read-chain",
  "build-chain",
  "family-walk",
  "word-list",
  "irregular-words",
] as const satisfies readonly ActivityKind[];

export type WordListContent = Extract<ActivityContent, { readonly kind: (typeof WORD_LISTS)[number] }>;

export const isWordList = (content: ActivityContent): content is WordListContent =>
  WORD_LISTS.some((kind) => kind === content.kind);

/** One stretch of a lesson. */
export interface Activity {
  readonly id: string;
  readonly content: ActivityContent;
  /** To the next half minute. */
  readonly minutes: number;
  /** Done only if there is time. */
  readonly ifTime: boolean;
  /** Words kept back until here, to see whether the sound carries over: their results are counted apart. */
  readonly heldBack: boolean;
  readonly settings: PracticeSettings;
}

/** Every word that learners read, build, write or hear in an activity; nonsense words among them are told by `isNonsense`. */
export function wordsOfContent(content: ActivityContent): string[] {
  switch (content.kind) {
    case "ears-only":
      return content.parts.flatMap(({ items }) => items).flatMap(wordsOfOralItem);
    case "sound-cards":
    case "hear-and-spell":
    case "text":
    case "free":
      return [];
    case "sort":
      return [...content.table];
    case "find-it":
      return content.items.flatMap(({ word, foils }) => [word, ...foils]);
    case "fill-the-gap":
    case "real-or-nonsense":
      return content.items.map(({ word }) => word);
    case "right-or-not":
      return content.items.flatMap(({ word, shown }) => [word, shown]);
    default:
      return [...content.words];
  }
}

/** The listed words of an ears-only item. */
export function wordsOfOralItem(item: OralItem): string[] {
  const spoken = [
    ...("first" in item ? [item.first] : []),
    ...("second" in item ? [item.second] : []),
    ...("answers" in item ? item.answers : []),
    ...("answer" in item && typeof item.answer === "object" ? [item.answer] : []),
  ];
  return spoken.flatMap(({ text, isWord }) => (isWord ? [text] : []));
}

/** How many things an activity has to be gone through. */
export function itemsOfContent(content: ActivityContent): number {
  switch (content.kind) {
    case "ears-only":
      return content.parts.reduce((sum, { items }) => sum + items.length, 0);
    case "sound-cards":
      return content.gpcs.length;
    case "hear-and-spell":
      return content.sounds.length;
    case "text":
      return Math.ceil(content.text.split(/\s+/).filter(Boolean).length / WORDS_OF_TEXT);
    case "sort":
      return content.table.length;
    case "new-sound":
    case "free":
      return 1;
    case "find-it":
    case "fill-the-gap":
    case "right-or-not":
    case "real-or-nonsense":
      return content.items.length;
    case "dictation":
      return content.words.length + content.sentences.length * SENTENCE;
    default:
      return content.words.length;
  }
}

/** A sentence takes as long as so many words. */
const SENTENCE = 3;

/** So many words of a text take as long as one of a list. */
const WORDS_OF_TEXT = 5;
