import { getOrMake } from "../../get-or-make.ts";
import type { Familiarity, Lexicon, LexiconWord } from "../../lexicon/lexicon.ts";
import { type StepUnits, type TokenisedWords, tokenise } from "../graph/tokens.ts";
import { buildGraph, linkAll, type WordGraph } from "../graph/word-graph.ts";

type ByKey<T> = Map<string, T>;
const LISTS = new WeakMap<Lexicon, ByKey<TokenisedWords>>();
const GRAPHS = new WeakMap<Lexicon, ByKey<WordGraph>>();
const EVERY_WORD: Familiarity = 4;
const newByKey = () => new Map();

/** The words of a list down to a familiarity, numbered at the first call: for whoever asks for the steps of a few words. */
export function tokenisedWords(
  lexicon: Lexicon,
  by: StepUnits = "graphemes",
  leastFamiliar: Familiarity = EVERY_WORD,
): TokenisedWords {
  return getOrMake(getOrMake(LISTS, lexicon, newByKey), `${by} ${leastFamiliar}`, () => {
    const words =
      leastFamiliar === EVERY_WORD
        ? lexicon.words
        : lexicon.words.filter(({ familiarity }) => familiarity <= leastFamiliar);
    return tokenise(words, lexicon.accent, by);
  });
}

/**
 * The graph of a word list, built at the first call.
 *
 * @param leastFamiliar words less familiar are left out: chains are planned among the familiar ones first, and the graph
 * of those is built in half the time
 */
export function graphOf(
  lexicon: Lexicon,
  by: StepUnits = "graphemes",
  leastFamiliar: Familiarity = EVERY_WORD,
): WordGraph {
  return getOrMake(getOrMake(GRAPHS, lexicon, newByKey), `${by} ${leastFamiliar}`, () =>
    linkAll(tokenisedWords(lexicon, by, leastFamiliar)),
  );
}

/**
 * The graph of the words down to a familiarity, or of every word where one that is named is less familiar: a teacher may
 * name any word.
 *
 * @param named words that have to be in it, as far as they are in the list
 */
export function graphAround(
  named: readonly string[],
  lexicon: Lexicon,
  by: StepUnits,
  leastFamiliar: Familiarity,
): WordGraph {
  return graphOf(lexicon, by, levelFor(named, lexicon, leastFamiliar));
}

/** The same words, numbered and not linked. */
export function wordsAround(
  named: readonly string[],
  lexicon: Lexicon,
  by: StepUnits,
  leastFamiliar: Familiarity,
): TokenisedWords {
  return tokenisedWords(lexicon, by, levelFor(named, lexicon, leastFamiliar));
}

function levelFor(named: readonly string[], lexicon: Lexicon, leastFamiliar: Familiarity): Familiarity {
  const isIn = (word: string) => (lexicon.get(word)?.familiarity ?? 0) <= leastFamiliar;
  return named.every(isIn) ? leastFamiliar : EVERY_WORD;
}

const WITH_NONSENSE = new WeakMap<LexiconWord, WordGraph>();

/** A graph of the words given and of nonsense words; kept as long as exactly the same words are asked for. */
export function graphWith(real: readonly LexiconWord[], nonsense: readonly LexiconWord[], lexicon: Lexicon): WordGraph {
  const words = [...real, ...nonsense];
  const key = nonsense[0];
  const known = key && WITH_NONSENSE.get(key);
  if (known && known.words.length === words.length && words.every((word, k) => known.words[k] === word)) return known;
  const graph = buildGraph(words, lexicon.accent);
  if (key) WITH_NONSENSE.set(key, graph);
  return graph;
}
