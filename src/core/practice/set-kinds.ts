import type { ChangePosition } from "../chains/moves.ts";
import type { Family } from "../families/family.ts";
import type { SetOrder } from "../families/set-order.ts";
import type { Foil } from "../families/sort.ts";
import type { Bin } from "../families/sort-bins.ts";
import type { WalkWay } from "../families/walk-parts.ts";
import type { OralItem } from "../oral/item.ts";
import type { OralSkill } from "../oral/skills.ts";
import { withoutPhraseMarks } from "../texts/phrases.ts";
import { sentencesOf } from "../texts/read-words.ts";
import type { Statement } from "../texts/true-or-not.ts";
import { itemsOfContent, wordsOfContent, wordsShownIn } from "./activity-content.ts";
import { ACTIVITY_KINDS, type ActivityContent } from "./activity-kinds.ts";
import type { PaceAndPriority } from "./kind-definition.ts";

/** What a teacher makes and saves: each kind with what was asked for, so that it can be made anew. */
interface SetContents {
  readonly family: {
    readonly families: readonly Family[];
    readonly words: readonly { readonly word: string; readonly nonsense: boolean }[];
    /** How it is walked, where it is laid out as a chain. */
    readonly way?: WalkWay | undefined;
    readonly request: {
      readonly count: number;
      readonly nonsenseShare: number;
      readonly order: SetOrder;
      readonly pictures: "any" | "first" | "only";
      readonly endings: "out" | "marked";
    };
  };
  readonly sort: {
    readonly bins: readonly { readonly bin: Bin; readonly words: readonly string[] }[];
    readonly foils: readonly { readonly word: string; readonly why: Foil["why"]; readonly bin: number }[];
    readonly table: readonly string[];
    readonly request?:
      | { readonly perBin: number; readonly foils: number; readonly falseFriends: boolean; readonly seed: number }
      | undefined;
  };
  readonly pairs: {
    /** Phonemes of the two sounds. */
    readonly a: readonly string[];
    readonly b: readonly string[];
    readonly pairs: readonly { readonly a: string; readonly b: string; readonly position: ChangePosition }[];
  };
  readonly "ears-only": {
    readonly parts: readonly { readonly skill: OralSkill; readonly items: readonly OralItem[] }[];
  };
  /** Sentences or a story, to be read or to be written from dictation; GPC ids are what is looked for first. */
  readonly text: {
    readonly text: string;
    readonly targets: readonly string[];
    readonly use: TextUse;
    /** Of the teacher's own, about what has been read. */
    readonly questions?: readonly string[] | undefined;
    /** Sentences to find true or not true in it. */
    readonly statements?: readonly Statement[] | undefined;
  };
}

/** What a saved text is for. */
export const TEXT_USES = ["read", "dictate"] as const;
export type TextUse = (typeof TEXT_USES)[number];

export type SetKind = keyof SetContents;

/** A set of one kind. */
export type SetContentOf<K extends SetKind> = { [P in K]: { readonly kind: P } & SetContents[P] }[K];

export type SetContent = SetContentOf<SetKind>;

interface SetDefinition<C> extends PaceAndPriority {
  /** The activity that a saved set is taught as. */
  readonly asActivity: (content: C) => ActivityContent;
  /** How many things there are to go through when a plan counts its minutes. */
  readonly items: (content: C) => number;
  /** Its words are read; those of sets for the ears only are heard. */
  readonly isRead: boolean;
}

/**
 * Every kind of saved set, one definition each. Its fields as they are stored stand in server/sets/set-fields.ts; its
 * name, its screen and its sheet in components/words/set-words.ts and components/print/.
 */
export const SET_KINDS = {
  family: {
    secondsPerItem: 12,
    priority: 9,
    isRead: true,
    items: ({ words }) => words.length,
    asActivity: ({ words: all, way }) => {
      const words = all.map(({ word }) => word);
      return way ? { kind: "family-walk", words, way } : { kind: "word-list", words };
    },
  },
  sort: {
    secondsPerItem: ACTIVITY_KINDS.sort.secondsPerItem,
    priority: ACTIVITY_KINDS.sort.priority,
    isRead: true,
    items: ({ table }) => table.length,
    asActivity: ({ bins, table }) => ({ kind: "sort", bins, table }),
  },
  pairs: {
    secondsPerItem: 20,
    priority: 11,
    isRead: true,
    items: ({ pairs }) => pairs.length,
    asActivity: ({ pairs }) => ({ kind: "word-list", words: pairs.flatMap(({ a, b }) => [a, b]) }),
  },
  "ears-only": {
    secondsPerItem: ACTIVITY_KINDS["ears-only"].secondsPerItem,
    priority: ACTIVITY_KINDS["ears-only"].priority,
    isRead: false,
    items: ({ parts }) => parts.reduce((sum, { items }) => sum + items.length, 0),
    asActivity: ({ parts }) => ({ kind: "ears-only", parts }),
  },
  text: {
    secondsPerItem: ACTIVITY_KINDS.text.secondsPerItem,
    priority: ACTIVITY_KINDS.text.priority,
    isRead: true,
    items: (content) => itemsOfContent(textActivity(content)),
    asActivity: (content) => textActivity(content),
  },
} as const satisfies { readonly [K in SetKind]: SetDefinition<SetContentOf<K>> };

function textActivity({ text, targets, use, questions, statements }: SetContents["text"]): ActivityContent {
  if (use === "dictate") return { kind: "dictation", words: [], sentences: sentencesOf(withoutPhraseMarks(text)) };
  return { kind: "text", text, targets, ...(questions && { questions }), ...(statements && { statements }) };
}

export const SET_KIND_IDS = Object.keys(SET_KINDS) as readonly SetKind[];

const definitionOf = <C extends SetContent>(content: C): SetDefinition<C> =>
  SET_KINDS[content.kind] as unknown as SetDefinition<C>;

/** A saved set as something that is gone through in a lesson. */
export const activityOfSet = (content: SetContent): ActivityContent => definitionOf(content).asActivity(content);

/** How many things a set has to go through. @returns a whole number, from 0 */
export const itemsOfSet = (content: SetContent): number => definitionOf(content).items(content);

/** Every word of a set that learners would see or hear; of a text, none. */
export const wordsOfSet = (content: SetContent): string[] => wordsOfContent(activityOfSet(content));

/** The same with the words of texts: everything that a school may want kept out. */
export const wordsShownInSet = (content: SetContent): string[] => wordsShownIn(activityOfSet(content));
