import type { OralSkill } from "./skills.ts";

/** Something said aloud: a word, a part of one, or what is left when a sound is taken away. */
export interface Spoken {
  /** Phoneme ids in order. */
  readonly sounds: readonly string[];
  /** Letters to show the teacher: of the word it is, or of the part of the word it comes from. */
  readonly text: string;
  /** True when it is a word of the list. */
  readonly isWord: boolean;
}

/** Where a sound is added, taken away or changed. */
export type SoundPlace = "beginning" | "middle" | "end" | "in-a-cluster";

/** One thing to ask and its answer. */
export type OralItem = {
  readonly skill: OralSkill;
  /** The same for the same item, whenever it is made. */
  readonly key: string;
} & (
  | { readonly kind: "rhyme-or-not"; readonly first: Spoken; readonly second: Spoken; readonly answer: boolean }
  /** Any rhyming word is right; these are some. */
  | { readonly kind: "say-a-rhyme"; readonly first: Spoken; readonly answers: readonly Spoken[] }
  | { readonly kind: "which-sound"; readonly first: Spoken; readonly place: SoundPlace; readonly answer: string }
  | { readonly kind: "blend"; readonly parts: readonly Spoken[]; readonly answer: Spoken }
  | { readonly kind: "split"; readonly first: Spoken; readonly answers: readonly Spoken[] }
  | {
      readonly kind: "add" | "take";
      readonly first: Spoken;
      readonly place: SoundPlace;
      /** Index of the sound, in the answer when added, in the first word when taken away. */
      readonly at: number;
      readonly sound: string;
      readonly answer: Spoken;
    }
  | {
      readonly kind: "change";
      readonly first: Spoken;
      readonly place: SoundPlace;
      readonly at: number;
      readonly old: string;
      readonly sound: string;
      readonly answer: Spoken;
    }
);

/** All that is said aloud in an ears-only item: words or what is left of them, and parts of a word. */
export function spokenIn(item: OralItem): { readonly whole: readonly Spoken[]; readonly parts: readonly Spoken[] } {
  const answers = "answers" in item ? item.answers : [];
  const isSplit = item.kind === "split";
  return {
    whole: [
      ...("first" in item ? [item.first] : []),
      ...("second" in item ? [item.second] : []),
      ...(isSplit ? [] : answers),
      ...("answer" in item && typeof item.answer === "object" ? [item.answer] : []),
    ],
    parts: [...("parts" in item ? item.parts : []), ...(isSplit ? answers : [])],
  };
}

/** The listed words of an ears-only item. */
export function wordsOfOralItem(item: OralItem): string[] {
  const { whole, parts } = spokenIn(item);
  return [...whole, ...parts].flatMap(({ text, isWord }) => (isWord ? [text] : []));
}
