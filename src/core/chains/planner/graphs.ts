import type { Lexicon, LexiconWord } from "../../lexicon/lexicon.ts";
import type { StepUnits } from "../graph/tokens.ts";
import { buildGraph, type WordGraph } from "../graph/word-graph.ts";

const GRAPHS = new WeakMap<Lexicon, Map<StepUnits, WordGraph>>();

/** The graph of a whole word list, built at the first call. */
export function graphOf(lexicon: Lexicon, by: StepUnits = "graphemes"): WordGraph {
  const known = GRAPHS.get(lexicon) ?? new Map<StepUnits, WordGraph>();
  GRAPHS.set(lexicon, known);
  let graph = known.get(by);
  if (!graph) {
    graph = buildGraph(lexicon.words, lexicon.accent, by);
    known.set(by, graph);
  }
  return graph;
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
