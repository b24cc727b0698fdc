import type { LexiconWord } from "../../lexicon/lexicon.ts";
import type { AccentSettings } from "../../sounds/accents.ts";
import { soundsOf } from "../../spelling/said.ts";
import type { Segmentation } from "../../spelling/segmentation.ts";
import type { Move } from "../moves.ts";
import { lettersAgree } from "../step-compare.ts";
import type { StepUnits, TokenisedWords, TokenRows } from "./tokens.ts";

/** Kinds of edge as they are numbered in `WordGraph.kinds`. */
export const EDGE_KINDS: readonly Move[] = ["change", "add", "take-away", "swap"];
export const [CHANGE, ADD, TAKE_AWAY, SWAP] = [0, 1, 2, 3] as const;
/** Places as they are numbered in `WordGraph.positions`: the order of CHANGE_POSITIONS. */
const [INITIAL, MEDIAL, FINAL] = [0, 1, 2] as const;

/**
 * Edges in compressed rows: those out of word n are those from `offsets[n]` up to `offsets[n + 1]`, ordered by the word
 * they lead to.
 */
export interface Edges {
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

/** No unit went, or none came. */
export const NONE = -1;

/** Numbers an edge takes while it is collected: from, to, kind and position in one, old token, new token. */
const FIELDS = 5;

/** Edges as they are found, later sorted into rows; of two between the same words the first found stays. */
export class EdgeCollector {
  #data = new Int32Array(FIELDS * 4096);
  #count = 0;
  readonly #words: readonly LexiconWord[];
  readonly #rows: TokenRows;
  readonly #heard: AccentSettings | undefined;
  readonly #spelled: boolean;

  constructor({ words, rows, accent, by }: TokenisedWords) {
    this.#words = words;
    this.#rows = rows;
    this.#heard = soundTest(accent, by);
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
   * @returns whether it is a step
   */
  link(from: number, to: number, kind: number, goneAt: number, comeAt: number): boolean {
    if (from === to) return false;
    const { starts, tokens, splits } = this.#rows;
    // Only a split digraph can put letters elsewhere.
    if (this.#spelled && kind !== SWAP && (splits[from] || splits[to])) {
      const [old, next] = [this.#readingOf(from), this.#readingOf(to)];
      const gone = goneAt === NONE ? undefined : old.units[goneAt - (starts[from] as number)];
      const come = comeAt === NONE ? undefined : next.units[comeAt - (starts[to] as number)];
      if (!lettersAgree(old, gone, next, come)) return false;
    }
    if (this.#heard && soundsOf(this.#readingOf(from), this.#heard) === soundsOf(this.#readingOf(to), this.#heard))
      return false;
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
    return true;
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

  compress(): Edges {
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

/** Mergers that drop a sound or hang on a neighbour (hat/at, pin/pen) can leave a whole word sounding as before. */
function soundTest(accent: AccentSettings, by: StepUnits): AccentSettings | undefined {
  const mayBeAlike = accent.mergers.includes("pin-pen") || accent.mergers.includes("h-dropped");
  return by === "graphemes" && mayBeAlike ? accent : undefined;
}
