import type { Familiarity, Lexicon, LexiconWord } from "../../lexicon/lexicon.ts";
import type { StepUnits } from "../graph/tokens.ts";
import { buildGraph, type WordGraph } from "../graph/word-graph.ts";

const GRAPHS = new WeakMap<Lexicon, Map<string, WordGraph>>();
const EVERY_WORD: Familiarity = 4;

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
  const known = GRAPHS.get(lexicon) ?? new Map<string, WordGraph>();
  GRAPHS.set(lexicon, known);
  const key = `${by} ${leastFamiliar}`;
  let graph = known.get(key);
  if (!graph) {
    const words =
      leastFamiliar === EVERY_WORD
        ? lexicon.words
        : lexicon.words.filter(({ familiarity }) => familiarity <= leastFamiliar);
    graph = buildGraph(words, lexicon.accent, by);
    known.set(key, graph);
  }
  return graph;
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
  const isIn = (word: string) => (lexicon.get(word)?.familiarity ?? 0) <= leastFamiliar;
  return graphOf(lexicon, by, named.every(isIn) ? leastFamiliar : EVERY_WORD);
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
