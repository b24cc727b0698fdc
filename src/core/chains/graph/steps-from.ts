import type { Move } from "../moves.ts";
import { ADD, CHANGE, EdgeCollector, NONE, SWAP, TAKE_AWAY } from "./edge-collector.ts";
import type { TokenisedWords } from "./tokens.ts";
import { type Edge, edgesFrom, type WordGraph } from "./word-graph.ts";

/** The steps out of a word of a list; none where it is not in it. */
export function stepsFrom(list: TokenisedWords, word: string, moves: readonly Move[]): Edge[] {
  const node = list.indexOf.get(word);
  return node === undefined ? [] : edgesFrom(graphFrom(list, node), node, moves);
}

/**
 * The graph of a word list with the edges out of one word alone, found by comparing its row of tokens with every other:
 * who asks for the steps out of a word or two does not wait until all others are linked. The edges are those that
 * `linkAll` finds.
 *
 * @param node index of a word in `list.words`
 */
export function graphFrom(list: TokenisedWords, node: number): WordGraph {
  const edges = new EdgeCollector(list);
  const { starts, tokens } = list.rows;
  const [start, end] = [starts[node] as number, starts[node + 1] as number];
  const length = end - start;
  for (let other = 0; other + 1 < starts.length; other++) {
    const [from, to] = [starts[other] as number, starts[other + 1] as number];
    const more = to - from - length;
    if (more > 1 || more < -1) continue;
    const shorter = Math.min(length, to - from);
    /** How many tokens both begin with, and how many both end with. */
    let [before, after] = [0, 0];
    while (before < shorter && tokens[start + before] === tokens[from + before]) before++;
    while (after < shorter && tokens[end - 1 - after] === tokens[to - 1 - after]) after++;
    if (before + after < shorter - 2) continue;
    if (more === 0) linkSameLength(list, edges, { node, other, before, after });
    else {
      // Of the units that may be the one (the l of al in all) the last is looked at first, as where all are linked.
      const long = more === 1 ? from : start;
      for (let k = before; k >= shorter - after; k--)
        if (
          more === 1 ? edges.link(node, other, ADD, NONE, long + k) : edges.link(node, other, TAKE_AWAY, long + k, NONE)
        )
          break;
    }
  }
  return { ...list, ...edges.compress() };
}

interface SameLength {
  readonly node: number;
  readonly other: number;
  readonly before: number;
  readonly after: number;
}

function linkSameLength(
  { table: { letters, sounds }, rows: { starts, tokens } }: TokenisedWords,
  edges: EdgeCollector,
  { node, other, before, after }: SameLength,
): void {
  const [start, from] = [starts[node] as number, starts[other] as number];
  const length = (starts[node + 1] as number) - start;
  const [here, there] = [start + before, from + before];
  if (before + after === length - 1) {
    const [gone, come] = [tokens[here] as number, tokens[there] as number];
    if (letters[gone] !== letters[come] && sounds[gone] !== sounds[come]) edges.link(node, other, CHANGE, here, there);
  } else if (before + after === length - 2 && tokens[here] === tokens[there + 1] && tokens[here + 1] === tokens[there])
    edges.link(node, other, SWAP, here, here + 1);
}
