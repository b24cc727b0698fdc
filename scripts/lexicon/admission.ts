/** Which words are in the list: one rule for all of them. */
import { readFileSync } from "node:fs";
import wordListPath from "word-list";
import { CAPITAL_WORDS } from "../../src/data/lexicon/capital-words.ts";
import { LEFT_OUT } from "../../src/data/lexicon/left-out.ts";
import { LEFT_OUT_TWO_SYLLABLES } from "../../src/data/lexicon/left-out-two-syllables.ts";
import { SELDOM_IN_FILMS } from "../../src/data/lexicon/seldom-in-films.ts";
import { basesOf, formsOf } from "./forms.ts";
import { longListings, oneSyllableListings } from "./readings.ts";
import { capitalsInWordNet, readFrequencies, readPronunciations, split, unsuitableLines } from "./sources.ts";

/**
 * Occurrences in the 49.7 million words of film speech, of a word and its forms together, below which it is not
 * everyday. Words below it that children meet all the same are in seldom-in-films.ts.
 */
const LEAST_COUNT = 13;
/** A form of a word that is in (grins) may be rarer. */
const LEAST_COUNT_OF_A_FORM = 3;
/** A word of three or more syllables is in only when it is itself said so often: most of the rest are for adults. */
const LEAST_COUNT_OF_A_LONG_WORD = 20;
/** Words outside the word list, or written mostly with a capital, that every reader meets. */
const ALSO_WORDS = ["a", "i", "oh", "although", ...CAPITAL_WORDS];

export interface Admission {
  /** The word list at large. */
  readonly listed: ReadonlySet<string>;
  /** Is this spelling in the word list at large? Answers for bases and parts of words. */
  isListed(word: string): boolean;
  /** Is the word in, as far as spelling, frequency and the tables go? */
  isIn(word: string): boolean;
  countOf(word: string): number;
}

/** Reads the tables once, and answers for every word. */
export function admission(): Admission {
  const listed = new Set(readFileSync(wordListPath, "utf8").split("\n"));
  const also = new Set(ALSO_WORDS);
  for (const word of also) listed.add(word);
  const tables = [LEFT_OUT, LEFT_OUT_TWO_SYLLABLES];
  const leftOut = new Set(tables.flatMap((table) => Object.values(table)).flatMap(split));
  const seldom = new Set(SELDOM_IN_FILMS);
  const { counts } = readFrequencies();
  const { levelOf } = unsuitableLines();
  const pronunciations = readPronunciations();
  const { lower, upper } = capitalsInWordNet();
  const withCapital = capitalsInFilmSpeech();
  const countOf = (word: string) => counts.get(word) ?? 0;

  // The word list leaves out some bases whose forms it has (pawns, knobs).
  const isListed = (word: string) =>
    listed.has(word) || (word.length > 2 && lower.has(word) && formsOf(word).some((form) => listed.has(form)));

  /**
   * Known to WordNet, or to film speech, only with a capital, and no form of a word that is not. Words of one syllable
   * were read by eye instead: WordNet has no little words (what, for, us).
   */
  const isName = (word: string) =>
    !also.has(word) &&
    !lower.has(word) &&
    oneSyllableListings(word, pronunciations.get(word) ?? []).length === 0 &&
    !basesOf(word).some((base) => lower.has(base)) &&
    (upper.has(word) || withCapital.has(word));

  const known = new Map<string, boolean>();
  const isEveryday = (word: string) =>
    also.has(word) ||
    seldom.has(word) ||
    countOf(word) + formsOf(word).reduce((sum, form) => sum + (isListed(form) ? countOf(form) : 0), 0) >= LEAST_COUNT;
  const isCommon = (word: string) =>
    longListings(pronunciations.get(word) ?? []).length > 0
      ? also.has(word) || seldom.has(word) || countOf(word) >= LEAST_COUNT_OF_A_LONG_WORD
      : isEveryday(word) || (countOf(word) >= LEAST_COUNT_OF_A_FORM && basesOf(word).some((base) => isIn(base)));
  const isIn = (word: string): boolean => {
    let answer = known.get(word);
    if (answer === undefined) {
      const usable = pronunciations.has(word) && isListed(word) && !leftOut.has(word) && levelOf.get(word) !== "never";
      // Last whether it is a name: that takes longest to tell, and most words are rare.
      answer = usable && isCommon(word) && !isName(word);
      known.set(word, answer);
    }
    return answer;
  };
  return { listed, isListed, isIn, countOf };
}

function capitalsInFilmSpeech(): Set<string> {
  const { rows } = readFrequencies();
  return new Set(rows.filter(({ word }) => /^[A-Z]/.test(word)).map(({ word }) => word.toLowerCase()));
}
