import { SPELLING_VARIANTS } from "../../data/lexicon/spelling-variants.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { soundAlikes } from "../lexicon/sound-alikes.ts";
import type { ContentOfKind } from "./activity-kinds.ts";

/** A word that a learner could take for another is one that small children know. Common practice, no source. */
const KNOWN_TO_SMALL_CHILDREN = 1;

/** A word that cannot be told from another by ear, and that one: the commonest. */
export interface WordToldApart {
  readonly word: string;
  readonly alike: string;
}

/** Are they two spellings of one word, in the same form of it? */
const isSameWord = (a: string, b: string): boolean =>
  SPELLING_VARIANTS.some(([one, other]) =>
    [
      [a, b],
      [b, a],
    ].some(
      ([x = "", y = ""]) => x.startsWith(one) && y.startsWith(other) && x.slice(one.length) === y.slice(other.length),
    ),
  );

/** Does a sentence hold a word, as it is or with a capital? */
const holds = (sentence: string, word: string): boolean =>
  sentence
    .toLowerCase()
    .split(/[^a-z'’-]+/)
    .includes(word);

/** The sentence that tells which word is meant: the first that holds it; undefined where there is none. */
export const contextOf = (
  word: string,
  { contexts = [], sentences }: Pick<ContentOfKind<"dictation">, "contexts" | "sentences">,
): string | undefined => [...contexts, ...sentences].find((sentence) => holds(sentence, word));

/**
 * The other word of the list that a dictated word could be taken for: one that sounds the same in the school's accent and
 * that children know; undefined where there is none.
 */
export function takenFor(word: string, lexicon: Lexicon): string | undefined {
  return soundAlikes(word, lexicon).find((other) => {
    const entry = lexicon.get(other);
    return (
      !isSameWord(word, other) &&
      entry !== undefined &&
      entry.familiarity <= KNOWN_TO_SMALL_CHILDREN &&
      entry.suitability === "suitable"
    );
  });
}

/** Dictated words that sound like another and stand in no sentence that would tell which is meant. */
export const withoutContext = (
  content: Pick<ContentOfKind<"dictation">, "words" | "contexts" | "sentences">,
  lexicon: Lexicon,
): readonly WordToldApart[] =>
  content.words.flatMap((word) => {
    const alike = contextOf(word, content) === undefined ? takenFor(word, lexicon) : undefined;
    return alike === undefined ? [] : [{ word, alike }];
  });
