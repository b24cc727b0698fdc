import { lexiconIn } from "../lexicon/in-accent.ts";
import { type Lexicon, normaliseSpelling } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { EDGE_KINDS } from "./graph/edge-collector.ts";
import type { WordGraph } from "./graph/word-graph.ts";
import { DEFAULT_MOVES } from "./moves.ts";
import { isCandidate, isEarsOnly } from "./planner/candidates.ts";
import { graphOf } from "./planner/graphs.ts";
import type { ChainRequest } from "./request.ts";

/** Which words a way may lead over. Without it, over every word of the list. */
export type LadderRequest = Pick<
  ChainRequest,
  "taught" | "never" | "allowLists" | "moves" | "mode" | "leastFamiliar" | "tiles" | "taps"
> & {
  /** Words that may not be stepped on: those already in the chain. */
  readonly taken?: readonly string[];
};

/**
 * The shortest way from one word to another, one step at a time: breadth-first search from both ends at once
 * over the compressed graph. Among ways of the same length the one over commoner words is likelier, because
 * the list is in order of frequency.
 *
 * @returns the words, both ends included; undefined when an end is not in the list or there is no way
 *
 * @example ladder("cat", "dog") // ["cat", "cot", "dot", "dog"]
 */
export function ladder(
  from: string,
  to: string,
  request?: LadderRequest,
  list: Lexicon = shippedLexicon(),
): string[] | undefined {
  const lexicon = request ? lexiconIn(list, request.taught.accent) : list;
  const graph = graphOf(lexicon, request && isEarsOnly(request) ? "phonemes" : "graphemes");
  const start = graph.indexOf.get(normaliseSpelling(from));
  const end = graph.indexOf.get(normaliseSpelling(to));
  if (start === undefined || end === undefined) return undefined;
  const moves = request?.moves ?? DEFAULT_MOVES;
  const path = shortestPath(graph, start, end, {
    moves: EDGE_KINDS.map((kind) => moves.includes(kind)),
    mayStepOn: request && stepTest(request, graph, lexicon),
  });
  return path?.map((node) => graph.words[node]?.word ?? "");
}

/**
 * The words that mend two words more than one step apart: what has to stand between them.
 *
 * @returns empty when they are one step apart already; undefined when nothing mends them
 */
export function bridge(
  from: string,
  to: string,
  request: LadderRequest,
  lexicon: Lexicon = shippedLexicon(),
): string[] | undefined {
  return ladder(from, to, request, lexicon)?.slice(1, -1);
}

function stepTest(request: LadderRequest, graph: WordGraph, lexicon: Lexicon): (node: number) => boolean {
  // A way between two words may lead over less familiar ones.
  const full: ChainRequest = { length: 3, focus: [], contrasts: [], seed: 0, leastFamiliar: 4, ...request };
  const taken = new Set([...(request.taken ?? []), ...(request.never ?? [])]);
  const known = new Int8Array(graph.words.length);
  return (node) => {
    if (known[node] === 0) {
      const entry = graph.words[node];
      const may = entry !== undefined && !taken.has(entry.word) && isCandidate(entry, full, lexicon);
      known[node] = may ? 1 : -1;
    }
    return known[node] === 1;
  };
}

interface PathRules {
  /** By index into EDGE_KINDS. */
  readonly moves: readonly boolean[];
  readonly mayStepOn: ((node: number) => boolean) | undefined;
}

/** What one side has reached, and its last ring. */
interface Side {
  /** By node: where it was reached from, while `stamp` says that it was reached in this search. */
  readonly parent: Int32Array;
  readonly stamp: Int32Array;
  readonly search: number;
  ring: number[];
}

/** Rooms for two sides, kept with the graph: clearing them anew for every search would cost more than searching. */
interface Rooms {
  searches: number;
  readonly sides: readonly { readonly parent: Int32Array; readonly stamp: Int32Array }[];
}

const ROOMS = new WeakMap<WordGraph, Rooms>();

function sidesFor(graph: WordGraph, start: number, end: number): [Side, Side] {
  let rooms = ROOMS.get(graph);
  if (!rooms) {
    const room = () => ({ parent: new Int32Array(graph.words.length), stamp: new Int32Array(graph.words.length) });
    rooms = { searches: 0, sides: [room(), room()] };
    ROOMS.set(graph, rooms);
  }
  const search = ++rooms.searches;
  return [start, end].map((node, k): Side => {
    const { parent, stamp } = (rooms as Rooms).sides[k] as Rooms["sides"][0];
    parent[node] = node;
    stamp[node] = search;
    return { parent, stamp, search, ring: [node] };
  }) as [Side, Side];
}

/**
 * Shortest path by breadth-first search from both ends. Every step can be taken back, if adding and taking
 * away are both allowed; when only one of them is, the search backwards runs over the opposite moves.
 *
 * @param start index of the first word in `graph.words`
 * @param end index of the last word in `graph.words`
 */
export function shortestPath(graph: WordGraph, start: number, end: number, rules: PathRules): number[] | undefined {
  if (start === end) return [start];
  const [forwards, backwards] = sidesFor(graph, start, end);
  const [change, add, takeAway, swap] = rules.moves;
  const backMoves = [change, takeAway, add, swap] as boolean[];
  while (forwards.ring.length > 0 && backwards.ring.length > 0) {
    const ahead = forwards.ring.length <= backwards.ring.length;
    const [near, far] = ahead ? [forwards, backwards] : [backwards, forwards];
    const met = grow(graph, near, far, ahead ? rules.moves : backMoves, rules.mayStepOn);
    if (met !== undefined) return join(forwards.parent, backwards.parent, met);
  }
  return undefined;
}

/** Takes one side a ring further; gives the word at which it meets the other. */
function grow(
  graph: WordGraph,
  near: Side,
  far: Side,
  moves: readonly boolean[],
  mayStepOn: PathRules["mayStepOn"],
): number | undefined {
  const next: number[] = [];
  for (const node of near.ring)
    for (let e = graph.offsets[node] as number; e < (graph.offsets[node + 1] as number); e++) {
      const to = graph.targets[e] as number;
      if (near.stamp[to] === near.search || !moves[graph.kinds[e] as number]) continue;
      const meets = far.stamp[to] === far.search;
      if (!meets && mayStepOn && !mayStepOn(to)) continue;
      near.parent[to] = node;
      near.stamp[to] = near.search;
      if (meets) return to;
      next.push(to);
    }
  near.ring = next;
  return undefined;
}

function join(forwards: Int32Array, backwards: Int32Array, met: number): number[] {
  const path = [met];
  for (let node = met; forwards[node] !== node; ) {
    node = forwards[node] as number;
    path.unshift(node);
  }
  for (let node = met; backwards[node] !== node; ) {
    node = backwards[node] as number;
    path.push(node);
  }
  return path;
}
