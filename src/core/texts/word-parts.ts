import { WORD_PARTS } from "../../data/texts/word-parts.ts";
import { AFFIXES, derivationOf } from "../lexicon/affixes.ts";
import { ENDINGS } from "../lexicon/endings.ts";
import { inflectionOf } from "../lexicon/inflection.ts";
import { isFit } from "../lexicon/kept-out-lists.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { checkDecodable } from "../scope/decodable.ts";
import { PATTERNS, type Pattern } from "../scope/patterns.ts";
import type { TaughtSet } from "../scope/taught-set.ts";
import { checkText, type TextRules } from "./check-text.ts";
import { partOfClass, type SlotPart } from "./sentence-slots.ts";
import { wordKind } from "./word-kind.ts";

/** An ending or a beginning that has a meaning: the id of the pattern that teaches it. */
export type WordPart = keyof typeof WORD_PARTS & Pattern;

/** A word and the one that it is made of. */
export interface BaseAndWord {
  readonly base: string;
  readonly word: string;
}

/** An ending or a beginning in one of its meanings, with words that have it, without and with it. */
export interface WordPartSet {
  readonly part: WordPart;
  readonly meaning: string;
  readonly items: readonly BaseAndWord[];
  /** Sentences that show it, each of which the group can read. */
  readonly sentences: readonly string[];
}

/** Words that children know by nine. */
const FAMILIAR = 3;

/** The patterns of words that are made of another one. */
export const WORD_PART_IDS = PATTERNS.filter((id): id is WordPart => id in WORD_PARTS);

/** What a word is made of, and the pattern that it shows; undefined for a word that is made of no other. */
function madeOf(word: string, lexicon: Lexicon): { readonly base: string; readonly part: Pattern } | undefined {
  const inflection = inflectionOf(word, lexicon);
  if (inflection) return { base: inflection.base, part: ENDINGS[inflection.ending].pattern };
  const derivation = derivationOf(word, lexicon);
  return derivation && { base: derivation.base, part: AFFIXES[derivation.affix].pattern };
}

/**
 * Words with an ending or a beginning, and the same words without it, that a group can read: one set a meaning, the one
 * with most words first. None where the group has not been taught it.
 *
 * @param count how many words a set has at most, from 1
 * @param sentenceCount how many sentences, from 0
 */
export function wordPartSets(
  part: WordPart,
  rules: TextRules & { readonly taught: TaughtSet },
  count: number,
  sentenceCount: number,
  lexicon: Lexicon,
): WordPartSet[] {
  const { taught, never = [] } = rules;
  if (!taught.patterns.has(part)) return [];
  const fits = (word: string) => {
    const entry = lexicon.get(word);
    if (!entry || entry.isCapital || entry.familiarity > FAMILIAR || never.includes(word)) return false;
    return isFit(entry.suitability, rules) && checkDecodable(word, taught, lexicon).decodable;
  };
  const letters = lettersOf(part);
  const isBeginning = part.startsWith("prefix");
  const pairs = lexicon.words
    .filter(({ word }) => (isBeginning ? word.startsWith(letters) : word.endsWith(letters)))
    .flatMap(({ word }) => {
      const made = madeOf(word, lexicon);
      return made?.part === part && fits(word) && fits(made.base) ? [{ base: made.base, word }] : [];
    });
  return (WORD_PARTS[part] as readonly WordPartMeaning[])
    .map(({ of, meaning, words, not = [], sentences }): WordPartSet => {
      const seen = new Set<string>();
      const meant = pairs.filter(({ base, word }) =>
        words ? words.includes(word) : isPlain(base, word) && !not.includes(base) && isBase(base, of, lexicon),
      );
      const items = meant
        .sort((a, b) => placeOf(a, of, lexicon) - placeOf(b, of, lexicon))
        .filter(({ base }) => !seen.has(base) && seen.add(base))
        .slice(0, count);
      const readable = sentences.filter((text) =>
        checkText(text, taught, [], lexicon, rules).tokens.every((t) => t.fits),
      );
      return { part, meaning, items, sentences: readable.slice(0, sentenceCount) };
    })
    .filter(({ items }) => items.length > 0)
    .sort((a, b) => b.items.length - a.items.length);
}

/** A meaning as the table has it. */
interface WordPartMeaning {
  readonly of: SlotPart;
  readonly meaning: string;
  /** The words that are meant, where a rule does not find them. */
  readonly words?: readonly string[];
  /** Bases that do not go with it. */
  readonly not?: readonly string[];
  readonly sentences: readonly string[];
}

/** Is nothing of the base changed but an e or a y at its end (make, making; not wolf, wolves)? */
const isPlain = (base: string, word: string): boolean =>
  word.startsWith(base) || word.endsWith(base) || (/[ey]$/.test(base) && word.startsWith(base.slice(0, -1)));

/** Is it this part of speech, with nothing put on it and no past of another word (bit, found)? */
function isBase(base: string, of: SlotPart, lexicon: Lexicon): boolean {
  const kind = wordKind(base, lexicon);
  return kind?.part === of && kind.form === "base";
}

/** Words that small children can picture come first, then those that they know. */
const placeOf = ({ base, word }: BaseAndWord, of: SlotPart, lexicon: Lexicon): number =>
  (lexicon.get(base)?.familiarity ?? FAMILIAR) +
  (lexicon.get(word)?.familiarity ?? FAMILIAR) -
  (wordKind(base, lexicon)?.lists.some((name) => partOfClass(name) === of) ? FAMILIAR : 0);

/** The letters of an ending or a beginning. */
export function lettersOf(part: WordPart): string {
  const found = [...Object.values(ENDINGS), ...Object.values(AFFIXES)].find(({ pattern }) => pattern === part);
  return found && "letters" in found ? found.letters : part.slice(part.indexOf("-") + 1);
}
