import type { LexiconWord } from "../../lexicon/lexicon.ts";
import { type AccentSettings, GENERAL_AMERICAN } from "../../sounds/accents.ts";
import { CHANGE_POSITIONS, type ChangePosition, type Move } from "../moves.ts";
import { ADD, CHANGE, EDGE_KINDS, EdgeCollector, type Edges, NONE, SWAP, TAKE_AWAY } from "./edge-collector.ts";
import { PairMap } from "./pair-map.ts";
import { type StepUnits, type TokenisedWords, type TokenRows, type TokenTable, tokenise } from "./tokens.ts";

/** A legal step out of a word: exactly what `checkReadings` says of the two readings. */
export interface Edge {
  /** Index of the word it leads to. */
  readonly to: number;
  readonly kind: Move;
  readonly position: ChangePosition;
  /** Keys of the unit that went and the unit that came (`unitKey`), where there is one. */
  readonly oldKey: string | undefined;
  readonly newKey: string | undefined;
}

/** Words as nodes, one-unit steps as edges. */
export interface WordGraph extends TokenisedWords, Edges {}

/**
 * The edges out of a word as objects: for looking at, not for searching. Swaps only when asked for.
 *
 * @param node index of a word in `graph.words`
 */
export function edgesFrom(graph: WordGraph, node: number, moves: readonly Move[] = EDGE_KINDS.slice(0, 3)): Edge[] {
  const edges: Edge[] = [];
  const keyOf = (token: number | undefined) => (token === undefined || token < 0 ? undefined : graph.table.keys[token]);
  for (let e = graph.offsets[node] as number; e < (graph.offsets[node + 1] as number); e++) {
    const kind = EDGE_KINDS[graph.kinds[e] as number] as Move;
    if (!moves.includes(kind)) continue;
    edges.push({
      to: graph.targets[e] as number,
      kind,
      position: CHANGE_POSITIONS[graph.positions[e] as number] as ChangePosition,
      oldKey: keyOf(graph.oldTokens[e]),
      newKey: keyOf(graph.newTokens[e]),
    });
  }
  return edges;
}

/**
 * Builds the graph without comparing words pair by pair. Every beginning and every ending of a token row is
 * numbered (two tries); two rows are one change apart exactly when they share the beginning before some unit
 * and the ending after it, and one addition apart when a row with a unit left out is a row. Cost is linear in
 * the units of all words plus the edges found.
 */
export function buildGraph(
  words: readonly LexiconWord[],
  accent: AccentSettings = GENERAL_AMERICAN,
  by: StepUnits = "graphemes",
): WordGraph {
  return linkAll(tokenise(words, accent, by));
}

/** The graph of words that are numbered already. */
export function linkAll(list: TokenisedWords): WordGraph {
  const { words, table, rows } = list;
  const edges = new EdgeCollector(list);
  const tries: Tries = { beginnings: new Trie(words.length * 3), endings: new Trie(words.length * 3) };
  const frames = framesOf(rows, tries);
  linkChanges(rows, frames, table, edges);
  linkAdditions(rows, frames, tries.beginnings, edges);
  linkSwaps(rows, frames, tries.beginnings, edges);
  return { ...list, ...edges.compress() };
}

/** Tokens of a word's leading reading. @param node index of a word in `graph.words` */
export function tokensOf({ rows }: TokenisedWords, node: number): Int32Array {
  return rows.tokens.subarray(rows.starts[node], rows.starts[node + 1]);
}

/** Rows of tokens numbered by their beginnings: the same beginning, the same number; 0 is the empty one. */
class Trie {
  readonly #next: PairMap;

  constructor(expected: number) {
    this.#next = new PairMap(expected);
  }

  get size(): number {
    return this.#next.size;
  }

  add(from: number, token: number): number {
    const known = this.#next.get(from, token);
    if (known !== -1) return known;
    const to = this.#next.size + 1;
    this.#next.set(from, token, to);
    return to;
  }

  /** @returns -1 when no row begins so */
  follow(from: number, token: number): number {
    return from === -1 ? -1 : this.#next.get(from, token);
  }
}

interface Tries {
  readonly beginnings: Trie;
  readonly endings: Trie;
}

/** What stands before and after every token, and which rows are the same from end to end. */
interface Frames {
  /** By token: node of the beginning before it. */
  readonly before: Int32Array;
  /** By token: node of the ending after it. */
  readonly after: Int32Array;
  /** By node of a whole row: the last row that is it, or -1. */
  readonly lastWhole: Int32Array;
  /** By row: the row before it that is the same, or -1. */
  readonly sameAs: Int32Array;
}

function framesOf({ starts, tokens }: TokenRows, { beginnings, endings }: Tries): Frames {
  const rowCount = starts.length - 1;
  const [before, after] = [new Int32Array(tokens.length), new Int32Array(tokens.length)];
  const wholes = new Int32Array(rowCount);
  for (let row = 0; row < rowCount; row++) {
    const [start, end] = [starts[row] as number, starts[row + 1] as number];
    let node = 0;
    for (let at = start; at < end; at++) {
      before[at] = node;
      node = beginnings.add(node, tokens[at] as number);
    }
    wholes[row] = node;
    node = 0;
    for (let at = end - 1; at >= start; at--) {
      after[at] = node;
      node = endings.add(node, tokens[at] as number);
    }
  }
  const lastWhole = new Int32Array(beginnings.size + 1).fill(-1);
  const sameAs = new Int32Array(rowCount);
  // From the last row to the first, so that of the same ones the first is met first.
  for (let row = rowCount - 1; row >= 0; row--) {
    const whole = wholes[row] as number;
    sameAs[row] = lastWhole[whole] as number;
    lastWhole[whole] = row;
  }
  return { before, after, lastWhole, sameAs };
}

function linkChanges(
  rows: TokenRows,
  { before, after }: Frames,
  { letters, sounds }: TokenTable,
  edges: EdgeCollector,
): void {
  const { starts, tokens } = rows;
  // Tokens with the same frame hang together in a chain: `previous[at]` is the one met before.
  const last = new PairMap(tokens.length);
  const previous = new Int32Array(tokens.length);
  const rowOf = new Int32Array(tokens.length);
  for (let row = 0; row + 1 < starts.length; row++)
    for (let at = starts[row] as number; at < (starts[row + 1] as number); at++) {
      const [head, tail] = [before[at] as number, after[at] as number];
      rowOf[at] = row;
      const met = last.get(head, tail);
      previous[at] = met;
      last.set(head, tail, at);
      const token = tokens[at] as number;
      for (let other = met; other !== -1; other = previous[other] as number) {
        const thatToken = tokens[other] as number;
        if (letters[token] === letters[thatToken] || sounds[token] === sounds[thatToken]) continue;
        const that = rowOf[other] as number;
        edges.link(that, row, CHANGE, other, at);
        edges.link(row, that, CHANGE, at, other);
      }
    }
}

/** Where the tokens from a place up to another lead, from a node of the trie; -1 where no word goes that way. */
function followFrom(trie: Trie, node: number, { tokens }: TokenRows, from: number, end: number): number {
  let at = node;
  for (let k = from; k < end && at !== -1; k++) at = trie.follow(at, tokens[k] as number);
  return at;
}

function linkAdditions(rows: TokenRows, { before, lastWhole, sameAs }: Frames, beginnings: Trie, edges: EdgeCollector) {
  const { starts } = rows;
  for (let long = 0; long + 1 < starts.length; long++) {
    const end = starts[long + 1] as number;
    for (let at = end - 1; at >= (starts[long] as number); at--) {
      const whole = followFrom(beginnings, before[at] as number, rows, at + 1, end);
      if (whole === -1) continue;
      for (let short = lastWhole[whole] as number; short !== -1; short = sameAs[short] as number) {
        edges.link(short, long, ADD, NONE, at);
        edges.link(long, short, TAKE_AWAY, at, NONE);
      }
    }
  }
}

function linkSwaps(rows: TokenRows, { before, lastWhole, sameAs }: Frames, beginnings: Trie, edges: EdgeCollector) {
  const { starts, tokens } = rows;
  for (let row = 0; row + 1 < starts.length; row++) {
    const end = starts[row + 1] as number;
    for (let at = starts[row] as number; at + 1 < end; at++) {
      const [first, second] = [tokens[at] as number, tokens[at + 1] as number];
      if (first === second) continue;
      const swapped = beginnings.follow(beginnings.follow(before[at] as number, second), first);
      const whole = followFrom(beginnings, swapped, rows, at + 2, end);
      if (whole === -1) continue;
      for (let other = lastWhole[whole] as number; other !== -1; other = sameAs[other] as number)
        edges.link(row, other, SWAP, at, at + 1);
    }
  }
}
