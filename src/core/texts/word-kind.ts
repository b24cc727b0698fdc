import { FUNCTION_WORDS } from "../../data/lexicon/function-words.ts";
import { IRREGULAR_PASTS, IRREGULAR_PLURALS } from "../../data/lexicon/irregular-forms.ts";
import { ADJECTIVES, NOUNS, VERBS } from "../../data/texts/sentence-words.ts";
import classes from "../../data/texts/word-classes.json" with { type: "json" };
import { inflectionOf } from "../lexicon/inflection.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";

/** A form that a word can be put into: what stands in one place of a sentence shares it. */
export type WordForm = "base" | "s" | "past" | "ing";

/** What a word is in a sentence. */
export interface WordKind {
  /** Noun, verb, adjective, adverb: what the word is most often. */
  readonly part: "n" | "v" | "a" | "r";
  /** Without its ending. */
  readonly base: string;
  /** The file of WordNet's lexicographers that its commonest sense stands in: `"n05"` has the animals. */
  readonly class: string;
  /** The lists of sentence words that its base stands in. */
  readonly lists: readonly string[];
  /** Number of a noun, tense of a verb. */
  readonly form: WordForm;
}

const CLASS_OF: ReadonlyMap<string, string> = new Map(
  classes.flatMap((line) => {
    const [name = "", ...words] = line.split(" ");
    return words.map((word): [string, string] => [word, name]);
  }),
);

/** The lists of sentence words that a base stands in: what a frame could bring into the same place is near in meaning. */
const LISTS_OF = new Map<string, string[]>();
for (const [name, words] of [
  ...Object.entries(NOUNS),
  ...Object.entries(ADJECTIVES),
  ...Object.entries(VERBS).map(([verb, pairs]) => [verb, pairs.map((pair) => pair.split(":")[0] as string)] as const),
])
  for (const word of words) LISTS_OF.set(word, [...(LISTS_OF.get(word) ?? []), name]);

/** `-es` is the same form as `-s`. */
const FORM_OF_ENDING = { s: "s", es: "s", ed: "past", ing: "ing" } as const;

/**
 * Part of speech, class and form of a word of the list; undefined for words that hold a sentence together (the, was,
 * because), which nothing can stand for, and for words that no class has.
 */
export function wordKind(word: string, lexicon: Lexicon): WordKind | undefined {
  if (FUNCTION_WORDS.has(word)) return undefined;
  const past = IRREGULAR_PASTS.get(word);
  // A past that is spelled as its base (cut, put) may be either: the base is the safer guess.
  if (past !== undefined && past !== word) return kindOf(past, "past");
  const plural = IRREGULAR_PLURALS.get(word);
  if (plural !== undefined && plural !== word) return kindOf(plural, "s");
  const inflection = inflectionOf(word, lexicon);
  if (inflection) return kindOf(inflection.base, FORM_OF_ENDING[inflection.ending]);
  return kindOf(word, "base");
}

function kindOf(base: string, form: WordForm): WordKind | undefined {
  const name = CLASS_OF.get(base);
  return name === undefined
    ? undefined
    : { base, part: name[0] as WordKind["part"], class: name, lists: LISTS_OF.get(base) ?? [], form };
}

/**
 * How near two words are in what they mean.
 *
 * @returns 2 where one list of sentence words has both bases, 1 where one class of WordNet has, else 0
 */
export function nearness(a: WordKind, b: WordKind): 0 | 1 | 2 {
  if (a.lists.some((list) => b.lists.includes(list))) return 2;
  return a.class === b.class ? 1 : 0;
}
