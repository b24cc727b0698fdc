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

const WITH_NONSENSE = new WeakMap<readonly LexiconWord[], WordGraph>();

/** A graph of the words given and of nonsense words; kept as long as the same nonsense words are asked with. */
export function graphWith(real: readonly LexiconWord[], nonsense: readonly LexiconWord[], lexicon: Lexicon): WordGraph {
  let graph = WITH_NONSENSE.get(nonsense);
  if (!graph || graph.words.length !== real.length + nonsense.length || graph.words[0] !== (real[0] ?? nonsense[0])) {
    graph = buildGraph([...real, ...nonsense], lexicon.accent);
    WITH_NONSENSE.set(nonsense, graph);
  }
  return graph;
}
