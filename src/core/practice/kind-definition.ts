/** How long a kind takes, and how much it matters beside others. */
export interface PaceAndPriority {
  /**
   * Seconds a word, a card, a pair or an item takes a small group, before it has shown its own pace. Common practice,
   * no source.
   */
  readonly secondsPerItem: number;
  /** 1 goes into a lesson first and is given up last. Each kind has its own. */
  readonly priority: number;
}

/** What a teacher can change in a drafted activity. */
export type EditableField = "words" | "sentences" | "contexts" | "keyWord" | "text";

/** Of the routine of a lesson, what fits a kind of activity. */
export type Routine = "tapped" | "in-turns" | "none";

/** What has to be on the table for the words of an activity. */
export type MaterialNeed = "tiles" | "word-cards" | "pictures";

/** Everything that is known of a kind of activity without the word list. */
export interface KindDefinition<C> extends PaceAndPriority {
  /** Never put off until "if there is time" when a lesson is drafted. */
  readonly isMain: boolean;
  /** What of the routine fits it: words that are tapped, something else that is answered in turns, or nothing. */
  readonly routine: Routine;
  /** Its words come one after another and are nothing more: they can be put in and taken out one by one. */
  readonly isWordList: boolean;
  /** Each of its words is one step from the one before. */
  readonly isChain: boolean;
  /** Every listed or nonsense word that learners read, build, write or hear; words of texts are not among them. */
  readonly words: (content: C) => readonly string[];
  /** Sentences and texts that learners read or write, or are asked. */
  readonly texts: (content: C) => readonly string[];
  /** How many things there are to go through, a long text as so many words. */
  readonly items: (content: C) => number;
  /** The same without some words; undefined when nothing would be left. */
  readonly without: (content: C, out: ReadonlySet<string>) => C | undefined;
  readonly edits: readonly EditableField[];
  readonly needs: readonly MaterialNeed[];
  /** GPC ids of the graphemes that are shown on cards. */
  readonly cards: (content: C) => readonly string[];
}

/** A sentence takes as long as so many words. */
export const WORDS_A_SENTENCE = 3;
/** So many words of a text take as long as one of a list. */
export const WORDS_OF_TEXT_AN_ITEM = 5;

/** The words of a text or sentence, in small letters. */
export const wordsInText = (text: string): string[] =>
  text
    .toLowerCase()
    .split(/[^a-z]+/)
    .filter(Boolean);

/** Does a text hold any of these words? */
export const hasAny = (text: string, out: ReadonlySet<string>): boolean =>
  wordsInText(text).some((word) => out.has(word));
/** Words that are not among those taken out. */
export const kept = (words: readonly string[], out: ReadonlySet<string>): string[] =>
  words.filter((word) => !out.has(word));
/** For a kind that has none of these. */
export const nothing = () => [];

/** Kinds that are words one after another. */
export const wordList = <C extends { readonly words: readonly string[] }>(
  pace: PaceAndPriority,
  more: Partial<Pick<KindDefinition<C>, "isMain" | "isChain" | "needs" | "texts">> = {},
): KindDefinition<C> => ({
  ...pace,
  isMain: false,
  routine: "tapped",
  isWordList: true,
  isChain: false,
  words: ({ words }) => words,
  texts: nothing,
  items: ({ words }) => words.length,
  without: (content, out) => {
    const words = kept(content.words, out);
    return words.length > 0 ? { ...content, words } : undefined;
  },
  edits: ["words"],
  needs: [],
  cards: nothing,
  ...more,
});

/** Kinds of items that are each made of several words: an item stands or falls as a whole. */
export const wholeItems = <Item, C extends { readonly items: readonly Item[] }>(
  pace: PaceAndPriority,
  needs: readonly MaterialNeed[],
  wordsOfItem: (item: C["items"][number]) => readonly string[],
): KindDefinition<C> => ({
  ...pace,
  isMain: false,
  routine: "in-turns",
  isWordList: false,
  isChain: false,
  words: ({ items }) => items.flatMap(wordsOfItem),
  texts: nothing,
  items: ({ items }) => items.length,
  without: (content, out) => {
    const items = content.items.filter((item) => !wordsOfItem(item).some((word) => out.has(word)));
    return items.length > 0 ? { ...content, items } : undefined;
  },
  edits: [],
  needs,
  cards: nothing,
});

interface WordInSentence {
  readonly sentence: string;
  readonly word: string;
  readonly foils: readonly string[];
}

/** Kinds of a word that is chosen among others by the sentence it stands in. */
export const wordInSentence = <C extends { readonly items: readonly WordInSentence[] }>(
  pace: PaceAndPriority,
): KindDefinition<C> => ({
  ...wholeItems<C["items"][number], C>(pace, [], ({ word, foils }) => [word, ...foils]),
  texts: ({ items }) => items.map(({ sentence }) => sentence),
  without: (content, out) => {
    const items = content.items.filter(
      ({ sentence, word, foils }) => !hasAny(sentence, out) && ![word, ...foils].some((one) => out.has(one)),
    );
    return items.length > 0 ? { ...content, items } : undefined;
  },
});
