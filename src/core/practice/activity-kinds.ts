import type { SpellingFact } from "../families/position-facts.ts";
import type { Bin } from "../families/sort-bins.ts";
import type { WalkWay } from "../families/walk-parts.ts";
import { type OralItem, wordsOfOralItem } from "../oral/item.ts";
import type { OralSkill } from "../oral/skills.ts";
import type { Pattern } from "../scope/patterns.ts";
import type { Statement } from "../texts/true-or-not.ts";
import {
  hasAny,
  type KindDefinition,
  kept,
  nothing,
  WORDS_A_SENTENCE,
  WORDS_OF_TEXT_AN_ITEM,
  wholeItems,
  wordInSentence,
  wordList,
} from "./kind-definition.ts";

/** What each kind of activity is done with. */
interface Contents {
  readonly "ears-only": {
    readonly parts: readonly { readonly skill: OralSkill; readonly items: readonly OralItem[] }[];
  };
  /** Hear the sound, write every spelling of it that has been taught. */
  readonly "hear-and-spell": {
    readonly sounds: readonly {
      readonly sound: readonly string[];
      readonly gpcs: readonly string[];
      /** Where each spelling stands, by its GPC's id. */
      readonly facts?: Readonly<Record<string, readonly SpellingFact[]>> | undefined;
    }[];
  };
  readonly dictation: {
    readonly words: readonly string[];
    readonly sentences: readonly string[];
    /** Sentences that are said, not written: they tell which of two words that sound the same is meant. */
    readonly contexts?: readonly string[] | undefined;
  };
  /** See the letters, say the sound; GPC ids, shuffled. */
  readonly "sound-cards": {
    readonly gpcs: readonly string[];
    /** Of a card whose grapheme has been taught for more sounds (ed), those others, by the card's id. */
    readonly also?: Readonly<Record<string, readonly string[]>> | undefined;
  };
  readonly "new-sound": {
    readonly gpc: string;
    /** A word of the teacher's own to hang the sound on; empty until there is one. */
    readonly keyWord: string;
    readonly facts: readonly SpellingFact[];
    readonly words: readonly string[];
  };
  readonly blending: { readonly words: readonly string[] };
  readonly "read-chain": { readonly words: readonly string[] };
  readonly "word-list": { readonly words: readonly string[] };
  readonly "family-walk": { readonly words: readonly string[]; readonly way: WalkWay };
  readonly "irregular-words": {
    readonly words: readonly string[];
    /** By word: the graphemes that the group would not read so. */
    readonly odd?: Readonly<Record<string, readonly string[]>> | undefined;
    /** By word: a sentence with it that the group can read. */
    readonly shownIn?: Readonly<Record<string, string>> | undefined;
  };
  readonly "build-chain": { readonly words: readonly string[] };
  readonly "fill-the-gap": {
    readonly items: readonly { readonly word: string; readonly unit: number; readonly choices: readonly string[] }[];
  };
  /** The word said stands among others. */
  readonly "find-it": { readonly items: readonly { readonly word: string; readonly foils: readonly string[] }[] };
  /** A word is said, another or the same is shown. */
  readonly "right-or-not": { readonly items: readonly { readonly word: string; readonly shown: string }[] };
  readonly "real-or-nonsense": { readonly items: readonly { readonly word: string; readonly real: boolean }[] };
  readonly sort: {
    readonly bins: readonly { readonly bin: Bin; readonly words: readonly string[] }[];
    /** All words, those that belong in no bin among them, as they are laid out. */
    readonly table: readonly string[];
  };
  /** A sentence with a word left out, to be chosen among others. */
  readonly "which-word": {
    readonly items: readonly {
      readonly sentence: string;
      readonly word: string;
      readonly foils: readonly string[];
    }[];
  };
  /** A sentence is said, and one of its words is chosen among others that sound the same. */
  readonly "which-spelling": {
    readonly items: readonly {
      readonly sentence: string;
      readonly word: string;
      readonly foils: readonly string[];
    }[];
  };
  /** An ending or a beginning: what it means, words without and with it, sentences that show it. */
  readonly "word-parts": {
    readonly part: Pattern;
    readonly meaning: string;
    readonly items: readonly { readonly base: string; readonly word: string }[];
    readonly sentences: readonly string[];
  };
  /** Spot and count today's sounds first, then read, then talk about it; GPC ids. */
  readonly text: {
    readonly text: string;
    readonly targets: readonly string[];
    /** Of the teacher's own, asked once it has been read. */
    readonly questions?: readonly string[] | undefined;
    /** Sentences to read, and to find true or not true in the text. */
    readonly statements?: readonly Statement[] | undefined;
  };
  readonly free: { readonly text: string };
}

export type ActivityKind = keyof Contents;

/** What an activity of one kind is done with. */
export type ContentOfKind<K extends ActivityKind> = { [P in K]: { readonly kind: P } & Contents[P] }[K];

/** What is done in an activity, with everything it is done with. */
export type ActivityContent = ContentOfKind<ActivityKind>;

/**
 * Every kind of activity, one definition each, in the order of the Plan screen's shelf. What a kind does with the word
 * list (how it is filled, what is said in it, how it is looked over) stands in activity-work.ts; its words on screen in
 * components/words/activity-words.ts. The compiler names every place that a new kind misses.
 */
export const ACTIVITY_KINDS = {
  "ears-only": {
    secondsPerItem: 12,
    priority: 6,
    isMain: false,
    routine: "in-turns",
    isWordList: false,
    isChain: false,
    words: ({ parts }) => parts.flatMap(({ items }) => items).flatMap(wordsOfOralItem),
    texts: nothing,
    items: ({ parts }) => parts.reduce((sum, { items }) => sum + items.length, 0),
    without: (content, out) => {
      const parts = content.parts.flatMap(({ skill, items }) => {
        const left = items.filter((item) => !wordsOfOralItem(item).some((word) => out.has(word)));
        return left.length > 0 ? [{ skill, items: left }] : [];
      });
      return parts.length > 0 ? { ...content, parts } : undefined;
    },
    edits: [],
    needs: ["pictures"],
    cards: nothing,
  },
  "hear-and-spell": {
    secondsPerItem: 15,
    priority: 19,
    isMain: false,
    routine: "in-turns",
    isWordList: false,
    isChain: false,
    words: nothing,
    texts: nothing,
    items: ({ sounds }) => sounds.length,
    without: (content) => content,
    edits: [],
    needs: [],
    cards: nothing,
  },
  dictation: {
    secondsPerItem: 30,
    priority: 12,
    isMain: true,
    routine: "tapped",
    isWordList: false,
    isChain: false,
    words: ({ words }) => words,
    texts: ({ sentences }) => sentences,
    items: ({ words, sentences }) => words.length + sentences.length * WORDS_A_SENTENCE,
    without: (content, out) => {
      const words = kept(content.words, out);
      const sentences = content.sentences.filter((sentence) => !hasAny(sentence, out));
      return words.length + sentences.length > 0 ? { ...content, words, sentences } : undefined;
    },
    edits: ["words", "contexts", "sentences"],
    needs: [],
    cards: nothing,
  },
  "sound-cards": {
    secondsPerItem: 5,
    priority: 5,
    isMain: false,
    routine: "in-turns",
    isWordList: false,
    isChain: false,
    words: nothing,
    texts: nothing,
    items: ({ gpcs }) => gpcs.length,
    without: (content) => content,
    edits: [],
    needs: [],
    cards: ({ gpcs }) => gpcs,
  },
  "new-sound": {
    secondsPerItem: 90,
    priority: 4,
    isMain: true,
    routine: "in-turns",
    isWordList: false,
    isChain: false,
    words: ({ words }) => words,
    texts: nothing,
    items: () => 1,
    without: (content, out) => ({ ...content, words: kept(content.words, out) }),
    edits: ["keyWord"],
    needs: [],
    cards: ({ gpc }) => [gpc],
  },
  blending: wordList({ secondsPerItem: 15, priority: 8 }, { isMain: true }),
  "read-chain": wordList({ secondsPerItem: 20, priority: 1 }, { isMain: true, isChain: true }),
  "word-list": wordList({ secondsPerItem: 10, priority: 3 }, { needs: ["word-cards"] }),
  "family-walk": wordList({ secondsPerItem: 12, priority: 20 }, { needs: ["word-cards"] }),
  "irregular-words": wordList(
    { secondsPerItem: 10, priority: 13 },
    { needs: ["word-cards"], texts: ({ shownIn }) => Object.values(shownIn ?? {}) },
  ),
  "build-chain": wordList(
    { secondsPerItem: 30, priority: 7 },
    { isMain: true, isChain: true, needs: ["tiles", "pictures"] },
  ),
  "fill-the-gap": wholeItems({ secondsPerItem: 15, priority: 16 }, ["tiles"], ({ word }) => [word]),
  "find-it": wholeItems({ secondsPerItem: 12, priority: 18 }, ["word-cards"], ({ word, foils }) => [word, ...foils]),
  "right-or-not": wholeItems({ secondsPerItem: 15, priority: 17 }, ["word-cards"], ({ word, shown }) => [word, shown]),
  "real-or-nonsense": wholeItems({ secondsPerItem: 10, priority: 21 }, ["word-cards"], ({ word }) => [word]),
  sort: {
    secondsPerItem: 15,
    priority: 10,
    isMain: false,
    routine: "in-turns",
    isWordList: false,
    isChain: false,
    words: ({ table }) => table,
    texts: nothing,
    items: ({ table }) => table.length,
    without: (content, out) => {
      const table = kept(content.table, out);
      const bins = content.bins.map(({ bin, words }) => ({ bin, words: kept(words, out) }));
      return table.length > 0 ? { ...content, bins, table } : undefined;
    },
    edits: [],
    needs: [],
    cards: nothing,
  },
  "which-word": wordInSentence({ secondsPerItem: 20, priority: 22 }),
  "which-spelling": wordInSentence({ secondsPerItem: 15, priority: 24 }),
  "word-parts": {
    secondsPerItem: 15,
    priority: 23,
    isMain: false,
    routine: "tapped",
    isWordList: false,
    isChain: false,
    words: ({ items }) => items.flatMap(({ base, word }) => [base, word]),
    texts: ({ sentences }) => sentences,
    items: ({ items, sentences }) => items.length + sentences.length,
    without: (content, out) => {
      const items = content.items.filter(({ base, word }) => !out.has(base) && !out.has(word));
      const sentences = content.sentences.filter((sentence) => !hasAny(sentence, out));
      return items.length > 0 ? { ...content, items, sentences } : undefined;
    },
    edits: ["sentences"],
    needs: ["word-cards"],
    cards: nothing,
  },
  text: {
    secondsPerItem: 10,
    priority: 14,
    isMain: false,
    routine: "tapped",
    isWordList: false,
    isChain: false,
    words: nothing,
    texts: ({ text, questions = [], statements = [] }) => [
      text,
      ...questions,
      ...statements.map(({ sentence }) => sentence),
    ],
    items: ({ text, questions = [], statements = [] }) =>
      Math.ceil(text.split(/\s+/).filter(Boolean).length / WORDS_OF_TEXT_AN_ITEM) +
      questions.length +
      statements.length,
    without: (content, out) => {
      if (hasAny(content.text, out)) return undefined;
      const { questions, statements } = content;
      return {
        ...content,
        ...(questions && { questions: questions.filter((question) => !hasAny(question, out)) }),
        ...(statements && { statements: statements.filter(({ sentence }) => !hasAny(sentence, out)) }),
      };
    },
    edits: ["text"],
    needs: [],
    cards: nothing,
  },
  free: {
    secondsPerItem: 120,
    priority: 15,
    isMain: false,
    routine: "none",
    isWordList: false,
    isChain: false,
    words: nothing,
    texts: nothing,
    items: () => 1,
    without: (content) => content,
    edits: ["text"],
    needs: [],
    cards: nothing,
  },
} as const satisfies { readonly [K in ActivityKind]: KindDefinition<ContentOfKind<K>> };

/** Ids of the kinds, in the order of the shelf. */
export const ACTIVITY_KIND_IDS = Object.keys(ACTIVITY_KINDS) as [ActivityKind, ...ActivityKind[]];
