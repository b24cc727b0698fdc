import { SENTENCE_FRAMES } from "../../data/texts/sentence-frames.ts";
import {
  ADJECTIVES,
  NO_ARTICLE,
  NO_PLURAL,
  NOUNS,
  NUMBERS,
  SENTENCE_NAMES,
  VERBS,
} from "../../data/texts/sentence-words.ts";
import { pluralOf, presentParticipleOf, thirdPersonOf } from "./sentence-forms.ts";

/** A word as it goes into a slot. */
export interface Filler {
  readonly text: string;
  /** The word without its ending: the same thing is not named twice in a sentence. */
  readonly base: string;
  /** May "a" stand before it? */
  readonly takesArticle: boolean;
}

/** One piece of a frame: words that always stand there, or a slot. */
type FramePiece = { readonly literal: string } | Slot;

/** Where a word goes in. */
export interface Slot {
  readonly slot: string;
  readonly class: string;
  readonly form: string;
  /** "a" stands before it. */
  readonly isAfterArticle: boolean;
}

export interface Frame {
  readonly pieces: readonly FramePiece[];
  readonly slots: readonly Slot[];
  /** Words of it that are in no slot. */
  readonly words: readonly string[];
  /** A name in it has 's: that has to be taught. */
  readonly hasPossessive: boolean;
}

const SLOT_WRITTEN = /\{([a-z-]+)(?:\+([a-z]+))?\}/g;

function readFrame(line: string): Frame {
  const pieces: FramePiece[] = [];
  let from = 0;
  for (const { 0: written, 1: name = "", 2: form = "", index } of line.matchAll(SLOT_WRITTEN)) {
    if (index > from) pieces.push({ literal: line.slice(from, index) });
    const isAfterArticle = /(?:^|\s)a\s$/i.test(line.slice(0, index));
    pieces.push({ slot: `${name}+${form}`, class: name, form, isAfterArticle });
    from = index + written.length;
  }
  if (from < line.length) pieces.push({ literal: line.slice(from) });
  const literals = pieces.flatMap((piece) => ("literal" in piece ? [piece.literal] : []));
  const words = literals.flatMap((literal) => literal.replace(/^'s/, "").match(/[A-Za-z']+/g) ?? []);
  return {
    pieces,
    slots: pieces.filter((piece) => "slot" in piece),
    words: words.filter((word) => word.toLowerCase() !== "a"),
    hasPossessive: literals.some((literal) => literal.startsWith("'s")),
  };
}

/** Every frame, taken apart. */
export const FRAMES: readonly Frame[] = SENTENCE_FRAMES.map(readFrame);

/** What the class in a slot is called in the frames, where the data calls it otherwise. */
const ADJECTIVE_SLOT: Readonly<Record<string, keyof typeof ADJECTIVES>> = {
  feeling: "feeling",
  creature: "creature",
  adjective: "thing",
  tasty: "food",
};

const noun = (base: string, form: string): Filler[] => {
  if (form !== "s") return [{ text: base, base, takesArticle: !NO_ARTICLE.has(base) }];
  return NO_PLURAL.has(base) ? [] : [{ text: pluralOf(base), base, takesArticle: false }];
};

function verb(pair: string, form: string): Filler {
  const [base = "", past = ""] = pair.split(":");
  const text =
    form === "past" ? past : form === "s" ? thirdPersonOf(base) : form === "ing" ? presentParticipleOf(base) : base;
  return { text, base, takesArticle: false };
}

/**
 * Every word that can go into a slot of the frames.
 *
 * @param name its class
 * @param form `""`, `s`, `past` or `ing`
 * @throws Error for a class that is none
 */
export function fillersOf(name: string, form: string): Filler[] {
  const plain = (text: string): Filler => ({ text, base: text.toLowerCase(), takesArticle: true });
  if (name === "name") return SENTENCE_NAMES.map(plain);
  if (name === "number") return NUMBERS.map(plain);
  const adjectives = ADJECTIVE_SLOT[name];
  if (adjectives) return ADJECTIVES[adjectives].map(plain);
  if (name in VERBS) return VERBS[name as keyof typeof VERBS].map((pair) => verb(pair, form));
  if (name in NOUNS) return NOUNS[name as keyof typeof NOUNS].flatMap((base) => noun(base, form));
  throw new Error(`A frame has a slot of no class: ${name}`);
}

const CLASSES = new Map<string, string[]>();
for (const [name, words] of Object.entries(NOUNS))
  for (const word of words) CLASSES.set(word, [...(CLASSES.get(word) ?? []), name]);

/** The classes of nouns that a word is of: a cap is a thing and is worn. */
export const classesOf = (base: string): readonly string[] => CLASSES.get(base) ?? [];

/** Is a slot's class one of nouns? */
export const isNounClass = (name: string): boolean => name in NOUNS;

/** What a word is in a slot: noun, verb, adjective; a number stands where an adjective does. */
export type SlotPart = "n" | "v" | "a";

/** The part of speech of a slot's class. */
export function partOfClass(name: string): SlotPart {
  if (isNounClass(name)) return "n";
  return name in VERBS ? "v" : "a";
}
