import type { LexiconWord } from "../../lexicon/lexicon.ts";
import { type AccentSettings, GENERAL_AMERICAN } from "../../sounds/accents.ts";
import { soundsOf } from "../../spelling/said.ts";
import { CHANGE_POSITIONS, type ChangePosition, type Move } from "../moves.ts";
import { lettersAgree } from "../step-compare.ts";
import { PairMap } from "./pair-map.ts";
import { type StepUnits, type TokenRow, type TokenTable, tokenise } from "./tokens.ts";

/** Kinds of edge as they are numbered in `WordGraph.kinds`. */
export const EDGE_KINDS: readonly Move[] = ["change", "add", "take-away", "swap"];
const [CHANGE, ADD, TAKE_AWAY, SWAP] = [0, 1, 2, 3];

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
  readonly tokensOf: readonly (readonly number[])[];
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
  const edges = new EdgeCollector(words.length, soundTest(accent, by), by);
  const beginnings = new Trie(rows.length * 3);
  const endings = new Trie(rows.length * 3);
  const sameWhole = new Map<number, number[]>();
  const prefixes = rows.map(({ tokens }) => {
    const prefix = [0];
    for (const token of tokens) prefix.push(beginnings.add(prefix.at(-1) as number, token));
    return prefix;
  });
  rows.forEach((_, n) => {
    const whole = prefixes[n]?.at(-1) as number;
    const list = sameWhole.get(whole);
    if (list) list.push(n);
    else sameWhole.set(whole, [n]);
  });
  linkChanges(rows, prefixes, endings, table, edges);
  linkAdditions(rows, prefixes, beginnings, sameWhole, edges);
  linkSwaps(rows, prefixes, beginnings, sameWhole, edges);
  const tokensOf: (readonly number[])[] = [];
  for (const { word, tokens } of rows) tokensOf[word] ??= tokens;
  return {
    words,
    indexOf: new Map(words.map((entry, index) => [entry.word, index])),
    by,
    accent,
    table,
    tokensOf,
    ...edges.compress(),
  };
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

const positionIn = ({ vowels, firstVowel }: TokenRow, k: number): number => (vowels[k] ? 1 : k < firstVowel ? 0 : 2);

function linkChanges(
  rows: readonly TokenRow[],
  prefixes: readonly (readonly number[])[],
  endings: Trie,
  { letters, sounds }: TokenTable,
  edges: EdgeCollector,
): void {
  const suffixes = rows.map(({ tokens }) => {
    const suffix = new Array<number>(tokens.length + 1).fill(0);
    for (let k = tokens.length - 1; k >= 0; k--) suffix[k] = endings.add(suffix[k + 1] as number, tokens[k] as number);
    return suffix;
  });
  const slots = rows.reduce((sum, { tokens }) => sum + tokens.length, 0);
  // Rows with the same frame hang together in a chain of slots: `previous[slot]` is the one met before.
  const lastSlot = new PairMap(slots);
  const previous = new Int32Array(slots);
  const rowOf = new Int32Array(slots);
  let slot = 0;
  rows.forEach((row, n) => {
    for (let k = 0; k < row.tokens.length; k++, slot++) {
      const [before, after] = [prefixes[n]?.[k] as number, suffixes[n]?.[k + 1] as number];
      rowOf[slot] = n;
      previous[slot] = lastSlot.get(before, after);
      lastSlot.set(before, after, slot);
      const token = row.tokens[k] as number;
      for (let other = previous[slot] as number; other !== -1; other = previous[other] as number) {
        const that = rows[rowOf[other] as number] as TokenRow;
        const thatToken = that.tokens[k] as number;
        if (letters[token] === letters[thatToken] || sounds[token] === sounds[thatToken]) continue;
        edges.link(that, row, CHANGE as number, positionIn(row, k), [thatToken, k], [token, k]);
        edges.link(row, that, CHANGE as number, positionIn(that, k), [token, k], [thatToken, k]);
      }
    }
  });
}

/** Where the tokens from a place on lead, from a node of the trie; -1 where no word goes that way. */
function followFrom(trie: Trie, node: number, tokens: readonly number[], place: number): number {
  let at = node;
  for (let k = place; k < tokens.length && at !== -1; k++) at = trie.follow(at, tokens[k] as number);
  return at;
}

function linkAdditions(
  rows: readonly TokenRow[],
  prefixes: readonly (readonly number[])[],
  beginnings: Trie,
  sameWhole: ReadonlyMap<number, readonly number[]>,
  edges: EdgeCollector,
): void {
  rows.forEach((long, n) => {
    for (let k = long.tokens.length - 1; k >= 0; k--) {
      const whole = followFrom(beginnings, prefixes[n]?.[k] as number, long.tokens, k + 1);
      if (whole === -1) continue;
      const token = long.tokens[k] as number;
      for (const m of sameWhole.get(whole) ?? []) {
        const short = rows[m] as TokenRow;
        edges.link(short, long, ADD as number, positionIn(long, k), NONE, [token, k]);
        edges.link(long, short, TAKE_AWAY as number, positionIn(long, k), [token, k], NONE);
      }
    }
  });
}

function linkSwaps(
  rows: readonly TokenRow[],
  prefixes: readonly (readonly number[])[],
  beginnings: Trie,
  sameWhole: ReadonlyMap<number, readonly number[]>,
  edges: EdgeCollector,
): void {
  rows.forEach((row, n) => {
    const { tokens } = row;
    for (let k = 0; k + 1 < tokens.length; k++) {
      const [first, second] = [tokens[k] as number, tokens[k + 1] as number];
      if (first === second) continue;
      const swapped = beginnings.follow(beginnings.follow(prefixes[n]?.[k] as number, second), first);
      const whole = followFrom(beginnings, swapped, tokens, k + 2);
      if (whole === -1) continue;
      for (const m of sameWhole.get(whole) ?? []) {
        const other = rows[m] as TokenRow;
        edges.link(row, other, SWAP as number, positionIn(other, k), [first, k], [second, k]);
      }
    }
  });
}

/** No unit went, or none came. */
const NONE = [-1, -1] as const;

/** Numbers an edge takes while it is collected: from, to, kind and position in one, old token, new token. */
const FIELDS = 5;

/** Edges as they are found, later sorted into rows; of two between the same words the first found stays. */
class EdgeCollector {
  #data = new Int32Array(FIELDS * 4096);
  #count = 0;
  readonly #nodes: number;
  readonly #heard: AccentSettings | undefined;
  readonly #spelled: boolean;

  constructor(nodes: number, heard: AccentSettings | undefined, by: StepUnits) {
    this.#nodes = nodes;
    this.#heard = heard;
    this.#spelled = by === "graphemes";
  }

  /**
   * @param at index of the unit that went in `from`, and of the one that came in `to`; -1 where there is none
   */
  link(
    from: TokenRow,
    to: TokenRow,
    kind: number,
    position: number,
    [oldToken, oldAt]: readonly [number, number],
    [newToken, newAt]: readonly [number, number],
  ): void {
    if (from.word === to.word) return;
    // Only a split digraph can put letters elsewhere.
    if ((from.isSplit || to.isSplit) && kind !== SWAP) {
      const [gone, come] = [from.reading.units[oldAt], to.reading.units[newAt]];
      if (this.#spelled && !lettersAgree(from.reading, gone, to.reading, come)) return;
    }
    if (this.#heard && soundsOf(from.reading, this.#heard) === soundsOf(to.reading, this.#heard)) return;
    let at = this.#count * FIELDS;
    if (at === this.#data.length) {
      const bigger = new Int32Array(this.#data.length * 2);
      bigger.set(this.#data);
      this.#data = bigger;
    }
    const data = this.#data;
    data[at++] = from.word;
    data[at++] = to.word;
    data[at++] = kind * 4 + position;
    data[at++] = oldToken;
    data[at] = newToken;
    this.#count++;
  }

  compress(): Pick<WordGraph, "offsets" | "targets" | "kinds" | "positions" | "oldTokens" | "newTokens"> {
    const data = this.#data;
    const found = Int32Array.from({ length: this.#count }, (_, e) => e);
    // Sorted by target, then, in a stable way, by source: rows by target, of the same target the first found first.
    const order = this.#sorted(this.#sorted(found, 1), 0);
    const offsets = new Int32Array(this.#nodes + 1);
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
    for (let node = 1; node <= this.#nodes; node++)
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
    const place = new Int32Array(this.#nodes + 1);
    for (const e of edges) {
      const node = data[e * FIELDS + field] as number;
      place[node + 1] = (place[node + 1] as number) + 1;
    }
    for (let node = 0; node < this.#nodes; node++)
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
