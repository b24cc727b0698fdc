import type { LexiconWord } from "../../lexicon/lexicon.ts";
import { type AccentSettings, GENERAL_AMERICAN } from "../../sounds/accents.ts";
import { soundsOf } from "../../spelling/said.ts";
import type { Segmentation } from "../../spelling/segmentation.ts";
import { CHANGE_POSITIONS, type ChangePosition, type Move } from "../moves.ts";
import { lettersAgree } from "../step-compare.ts";
import { PairMap } from "./pair-map.ts";
import { type StepUnits, type TokenRows, type TokenTable, tokenise } from "./tokens.ts";

/** Kinds of edge as they are numbered in `WordGraph.kinds`. */
export const EDGE_KINDS: readonly Move[] = ["change", "add", "take-away", "swap"];
const [CHANGE, ADD, TAKE_AWAY, SWAP] = [0, 1, 2, 3] as const;
/** Places as they are numbered in `WordGraph.positions`: the order of CHANGE_POSITIONS. */
const [INITIAL, MEDIAL, FINAL] = [0, 1, 2] as const;

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

/**
 * Words as nodes, one-unit steps as edges, in compressed rows: the edges out of word n are those from
 * `offsets[n]` up to `offsets[n + 1]`, ordered by the word they lead to.
 */
export interface WordGraph {
  readonly words: readonly LexiconWord[];
  readonly indexOf: ReadonlyMap<string, number>;
  readonly by: StepUnits;
  readonly accent: AccentSettings;
  readonly table: TokenTable;
  /** Tokens of each word's leading reading. */
  readonly rows: TokenRows;
  readonly offsets: Int32Array;
  readonly targets: Int32Array;
  /** Index into EDGE_KINDS. */
  readonly kinds: Uint8Array;
  /** Index into CHANGE_POSITIONS. */
  readonly positions: Uint8Array;
  /** Tokens; -1 where there is none. For a swap, the two units that change places. */
  readonly oldTokens: Int32Array;
  readonly newTokens: Int32Array;
}

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
  const { table, rows } = tokenise(words, accent, by);
  const edges = new EdgeCollector(words, rows, soundTest(accent, by), by);
  const tries: Tries = { beginnings: new Trie(words.length * 3), endings: new Trie(words.length * 3) };
  const frames = framesOf(rows, tries);
  linkChanges(rows, frames, table, edges);
  linkAdditions(rows, frames, tries.beginnings, edges);
  linkSwaps(rows, frames, tries.beginnings, edges);
  return {
    words,
    indexOf: new Map(words.map((entry, index) => [entry.word, index])),
    by,
    accent,
    table,
    rows,
    ...edges.compress(),
  };
}

/** Tokens of a word's leading reading. @param node index of a word in `graph.words` */
export function tokensOf({ rows }: WordGraph, node: number): Int32Array {
  return rows.tokens.subarray(rows.starts[node], rows.starts[node + 1]);
}

/** Mergers that drop a sound or hang on a neighbour (hat/at, pin/pen) can leave a whole word sounding as before. */
function soundTest(accent: AccentSettings, by: StepUnits): AccentSettings | undefined {
  const mayBeAlike = accent.mergers.includes("pin-pen") || accent.mergers.includes("h-dropped");
  return by === "graphemes" && mayBeAlike ? accent : undefined;
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

/** No unit went, or none came. */
const NONE = -1;

/** Numbers an edge takes while it is collected: from, to, kind and position in one, old token, new token. */
const FIELDS = 5;

/** Edges as they are found, later sorted into rows; of two between the same words the first found stays. */
class EdgeCollector {
  #data = new Int32Array(FIELDS * 4096);
  #count = 0;
  readonly #words: readonly LexiconWord[];
  readonly #rows: TokenRows;
  readonly #heard: AccentSettings | undefined;
  readonly #spelled: boolean;

  constructor(words: readonly LexiconWord[], rows: TokenRows, heard: AccentSettings | undefined, by: StepUnits) {
    this.#words = words;
    this.#rows = rows;
    this.#heard = heard;
    this.#spelled = by === "graphemes";
  }

  /**
   * Puts a step down unless letters move or the whole sounds as before.
   *
   * @param from index of a word
   * @param to index of a word
   * @param kind index into EDGE_KINDS
   * @param goneAt where the unit that went stands in the tokens, NONE where none did; of a swap the first of the two
   * @param comeAt where the unit that came stands in the tokens, NONE where none did; of a swap the second of the two
   */
  link(from: number, to: number, kind: number, goneAt: number, comeAt: number): void {
    if (from === to) return;
    const { starts, tokens, splits } = this.#rows;
    // Only a split digraph can put letters elsewhere.
    if (this.#spelled && kind !== SWAP && (splits[from] || splits[to])) {
      const [old, next] = [this.#readingOf(from), this.#readingOf(to)];
      const gone = goneAt === NONE ? undefined : old.units[goneAt - (starts[from] as number)];
      const come = comeAt === NONE ? undefined : next.units[comeAt - (starts[to] as number)];
      if (!lettersAgree(old, gone, next, come)) return;
    }
    if (this.#heard && soundsOf(this.#readingOf(from), this.#heard) === soundsOf(this.#readingOf(to), this.#heard))
      return;
    let at = this.#count * FIELDS;
    if (at === this.#data.length) {
      const bigger = new Int32Array(this.#data.length * 2);
      bigger.set(this.#data);
      this.#data = bigger;
    }
    const data = this.#data;
    data[at++] = from;
    data[at++] = to;
    data[at++] = kind * 4 + this.#positionOf(from, to, kind, goneAt, comeAt);
    data[at++] = goneAt === NONE ? NONE : (tokens[goneAt] as number);
    data[at] = comeAt === NONE ? NONE : (tokens[comeAt] as number);
    this.#count++;
  }

  #readingOf(word: number): Segmentation {
    return (this.#words[word] as LexiconWord).readings[0];
  }

  /** Index into CHANGE_POSITIONS: seen in the word it leads to, or, where a unit is only taken away, in the other. */
  #positionOf(from: number, to: number, kind: number, goneAt: number, comeAt: number): number {
    const { starts, vowels, firstVowels } = this.#rows;
    const isSeenBefore = comeAt === NONE;
    const row = isSeenBefore ? from : to;
    // The two of a swap stand in the same places of both words.
    const at =
      kind === SWAP ? goneAt - (starts[from] as number) + (starts[to] as number) : isSeenBefore ? goneAt : comeAt;
    if (vowels[at]) return MEDIAL;
    return at < (firstVowels[row] as number) ? INITIAL : FINAL;
  }

  compress(): Pick<WordGraph, "offsets" | "targets" | "kinds" | "positions" | "oldTokens" | "newTokens"> {
    const data = this.#data;
    const found = Int32Array.from({ length: this.#count }, (_, e) => e);
    // Sorted by target, then, in a stable way, by source: rows by target, of the same target the first found first.
    const order = this.#sorted(this.#sorted(found, 1), 0);
    const offsets = new Int32Array(this.#words.length + 1);
    const kept = new Int32Array(this.#count);
    let size = 0;
    let last = -1;
    let lastFrom = -1;
    for (const e of order) {
      const from = data[e * FIELDS] as number;
      const to = data[e * FIELDS + 1] as number;
      if (from === lastFrom && to === last) continue;
      lastFrom = from;
      last = to;
      kept[size++] = e;
      offsets[from + 1] = size;
    }
    // Words without edges begin and end where the word before them ends.
    for (let node = 1; node <= this.#words.length; node++)
      offsets[node] = Math.max(offsets[node] as number, offsets[node - 1] as number);
    const pick = <A extends Int32Array | Uint8Array>(into: A, numberAt: (at: number) => number): A => {
      for (let k = 0; k < size; k++) into[k] = numberAt((kept[k] as number) * FIELDS);
      return into;
    };
    return {
      offsets,
      targets: pick(new Int32Array(size), (at) => data[at + 1] as number),
      kinds: pick(new Uint8Array(size), (at) => (data[at + 2] as number) >> 2),
      positions: pick(new Uint8Array(size), (at) => (data[at + 2] as number) & 3),
      oldTokens: pick(new Int32Array(size), (at) => data[at + 3] as number),
      newTokens: pick(new Int32Array(size), (at) => data[at + 4] as number),
    };
  }

  /** Counting sort by one field, stable. */
  #sorted(edges: Int32Array, field: number): Int32Array {
    const data = this.#data;
    const place = new Int32Array(this.#words.length + 1);
    for (const e of edges) {
      const node = data[e * FIELDS + field] as number;
      place[node + 1] = (place[node + 1] as number) + 1;
    }
    for (let node = 0; node < this.#words.length; node++)
      place[node + 1] = (place[node + 1] as number) + (place[node] as number);
    const order = new Int32Array(edges.length);
    for (const e of edges) {
      const node = data[e * FIELDS + field] as number;
      order[place[node] as number] = e;
      place[node] = (place[node] as number) + 1;
    }
    return order;
  }
}
