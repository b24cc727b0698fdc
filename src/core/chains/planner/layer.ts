import { COUNTED_CHANCES, chanceWorth, WEIGHT } from "../scoring.ts";
import { firstChancesLeft, type Problem } from "./problem.ts";

/** The beginning of a chain, as the search holds it: its last word, the path before that, and what is counted. */
export interface Path {
  readonly node: number;
  readonly state: number;
  readonly before: Path | undefined;
  readonly score: number;
  /** Words with each focus, and steps across each contrast, so far: two bits each, 3 for "three or more". */
  readonly met: number;
  readonly crossings: number;
  readonly lastPosition: number;
  readonly run: number;
  readonly nonsense: number;
  /** Words that must come in and have, one bit each. */
  readonly done: number;
}

/** What tells the paths of a layer apart when they are chosen. */
export interface Choosing {
  /** How many paths stay. */
  readonly width: number;
  /** How many of them may end in the same word in the same state of the position rule. */
  readonly eachWord: number;
  /** How many states the position rule has. */
  readonly states: number;
}

/** Paths beyond this many times the width are cut by their hope alone before they are sorted. */
const SORTED_AT_MOST = 8;
/** How many times the width is sorted first. */
const FIRST_PIECE = 2;
const NEVER = Number.NEGATIVE_INFINITY;

/**
 * All the paths of one length that a search has grown, in columns: there are many thousands, of which few stay,
 * and only those become objects.
 */
export class Layer {
  readonly #problem: Problem;
  readonly #parents: (Path | undefined)[] = [];
  #size = 0;
  #nodes: Int32Array;
  /** The step each path came by, or -1 for a first word. */
  #steps: Int32Array;
  #states: Int32Array;
  #done: Int32Array;
  #met: Int32Array;
  #crossings: Int32Array;
  #scores: Float64Array;
  /** Score so far, and the most that can still come. */
  #hopes: Float64Array;

  /** @param room how many paths are expected; more find room too */
  constructor(problem: Problem, room: number) {
    this.#problem = problem;
    this.#nodes = new Int32Array(room);
    this.#steps = new Int32Array(room);
    this.#states = new Int32Array(room);
    this.#done = new Int32Array(room);
    this.#met = new Int32Array(room);
    this.#crossings = new Int32Array(room);
    this.#scores = new Float64Array(room);
    this.#hopes = new Float64Array(room);
  }

  /** How many paths there are. */
  get size(): number {
    return this.#size;
  }

  /** Adds a first word. @param toCome the most that the words after it can add */
  begin(node: number, toCome: number, done: number): void {
    this.#add(undefined, -1, node, this.#problem.rule.start, toCome, done);
  }

  /** Adds a path and one step more. @param toCome the most that the words after it can add */
  grow(path: Path, step: number, state: number, toCome: number, done: number): void {
    this.#add(path, step, this.#problem.steps.to[step] as number, state, toCome, done);
  }

  #add(path: Path | undefined, step: number, node: number, state: number, toCome: number, done: number): void {
    const problem = this.#problem;
    const { steps } = problem;
    let met = path?.met ?? 0;
    let crossings = path?.crossings ?? 0;
    let worth = 0;
    for (const k of problem.focusOf(node)) {
      const count = (met >> (k * 2)) & 3;
      worth += chanceWorth(WEIGHT.focusWord, problem.focusWeights[k] as number, count);
      if (count < COUNTED_CHANCES) met += 1 << (k * 2);
    }
    let score = (path?.score ?? 0) + (problem.wordScore[node] as number) + worth;
    if (path) {
      if (steps.bringsFocus[step]) score += WEIGHT.focusStep;
      if (steps.nearPair[step]) score += WEIGHT.nearPair;
      if (steps.position[step] === path.lastPosition) score += WEIGHT.samePlace * path.run;
      const contrast = steps.contrast[step] as number;
      if (contrast >= 0) {
        const before = (crossings >> (contrast * 2)) & 3;
        score += chanceWorth(WEIGHT.contrastStep, problem.contrastWeights[contrast] as number, before);
        if (before < COUNTED_CHANCES) crossings += 1 << (contrast * 2);
      }
    }
    const n = this.#size++;
    if (n === this.#nodes.length) this.#widen();
    this.#parents.push(path);
    this.#nodes[n] = node;
    this.#steps[n] = step;
    this.#states[n] = state;
    this.#done[n] = done;
    this.#met[n] = met;
    this.#crossings[n] = crossings;
    this.#scores[n] = score;
    this.#hopes[n] = score + toCome + chancesLeft(problem, met, crossings);
  }

  #widen(): void {
    const room = Math.max(256, this.#nodes.length * 2);
    const widened = <T extends Int32Array | Float64Array>(old: T, wide: T): T => {
      wide.set(old);
      return wide;
    };
    this.#nodes = widened(this.#nodes, new Int32Array(room));
    this.#steps = widened(this.#steps, new Int32Array(room));
    this.#states = widened(this.#states, new Int32Array(room));
    this.#done = widened(this.#done, new Int32Array(room));
    this.#met = widened(this.#met, new Int32Array(room));
    this.#crossings = widened(this.#crossings, new Int32Array(room));
    this.#scores = widened(this.#scores, new Float64Array(room));
    this.#hopes = widened(this.#hopes, new Float64Array(room));
  }

  /** The paths of most hope, in a stable order; and the most hope among those let go. */
  mostHopeful({ width, eachWord, states }: Choosing): { readonly paths: readonly Path[]; readonly letGo: number } {
    const hopes = this.#hopes.subarray(0, this.#size);
    if (this.#size <= width && eachWord === Number.POSITIVE_INFINITY)
      return { paths: Array.from(hopes, (_, n) => this.#pathAt(n)), letGo: NEVER };
    const hasErrands = this.#problem.must.length > 0;
    const most = width * SORTED_AT_MOST;
    const ending = new Map<number, number>();
    const full = new Map<number, number>();
    const paths: Path[] = [];
    let letGo = NEVER;
    let below = Number.POSITIVE_INFINITY;
    // Taken a piece at a time: as a rule the first has enough, and the others need not be sorted.
    for (let count = hasErrands ? most : width * FIRST_PIECE; ; count = Math.min(count * 2, most)) {
      const least = this.#size > count ? nthLargest(hopes.slice(), count) : NEVER;
      for (const n of this.#sorted(hopes, least, below)) {
        const done = this.#done[n] as number;
        // Paths that have met different words do not crowd one another out.
        const inBucket = full.get(done) ?? 0;
        const key = ((this.#nodes[n] as number) * states + (this.#states[n] as number)) * 64 + done;
        const same = ending.get(key) ?? 0;
        if (inBucket >= width || same >= eachWord) {
          letGo = Math.max(letGo, hopes[n] as number);
          continue;
        }
        full.set(done, inBucket + 1);
        ending.set(key, same + 1);
        paths.push(this.#pathAt(n));
      }
      below = least;
      if (below === NEVER || count >= most || (!hasErrands && paths.length >= width)) break;
    }
    for (const hope of hopes) if (hope < below && hope > letGo) letGo = hope;
    return { paths, letGo };
  }

  /** The paths whose hope is from `least` up to `below`, the most first; those that have met a word in any case. */
  #sorted(hopes: Float64Array, least: number, below: number): number[] {
    const piece: number[] = [];
    for (let n = 0; n < hopes.length; n++) {
      const hope = hopes[n] as number;
      if ((hope >= least && hope < below) || this.#done[n] !== 0) piece.push(n);
    }
    // Sorting keeps the order of equals.
    return piece.sort((a, b) => (hopes[b] as number) - (hopes[a] as number));
  }

  /** The paths of the highest score, best first. @param allDone what `done` must be @param most how many */
  best(allDone: number, most: number): readonly Path[] {
    const scores = this.#scores;
    const finished: number[] = [];
    for (let n = 0; n < this.#size; n++) if (this.#done[n] === allDone) finished.push(n);
    const least =
      finished.length > most
        ? nthLargest(
            Float64Array.from(finished, (n) => scores[n] as number),
            most,
          )
        : NEVER;
    return finished
      .filter((n) => (scores[n] as number) >= least)
      .sort((a, b) => (scores[b] as number) - (scores[a] as number))
      .slice(0, most)
      .map((n) => this.#pathAt(n));
  }

  #pathAt(n: number): Path {
    const { steps, isNonsense } = this.#problem;
    const before = this.#parents[n];
    const node = this.#nodes[n] as number;
    const position = before ? (steps.position[this.#steps[n] as number] as number) : -1;
    return {
      node,
      state: this.#states[n] as number,
      before,
      score: this.#scores[n] as number,
      met: this.#met[n] as number,
      crossings: this.#crossings[n] as number,
      lastPosition: position,
      run: !before ? 0 : position === before.lastPosition ? before.run + 1 : 1,
      nonsense: (before?.nonsense ?? 0) + (isNonsense[node] as number),
      done: this.#done[n] as number,
    };
  }
}

/** The n-th largest of some numbers, by narrowing down; their order is lost. @param n from 1 */
function nthLargest(values: Float64Array, n: number): number {
  const target = values.length - n;
  let [low, high] = [0, values.length - 1];
  while (low < high) {
    const pivot = values[(low + high) >> 1] as number;
    let [i, j] = [low, high];
    while (i <= j) {
      while ((values[i] as number) < pivot) i++;
      while ((values[j] as number) > pivot) j--;
      if (i > j) break;
      const held = values[i] as number;
      values[i++] = values[j] as number;
      values[j--] = held;
    }
    if (target <= j) high = j;
    else if (target >= i) low = i;
    else break;
  }
  return values[target] as number;
}

/** What the first chances of every aim can still add. */
function chancesLeft({ focusWeights, contrastWeights }: Problem, met: number, crossings: number): number {
  let left = 0;
  for (let k = 0; k < focusWeights.length; k++)
    left += firstChancesLeft(WEIGHT.focusWord, focusWeights[k] as number, (met >> (k * 2)) & 3);
  for (let k = 0; k < contrastWeights.length; k++)
    left += firstChancesLeft(WEIGHT.contrastStep, contrastWeights[k] as number, (crossings >> (k * 2)) & 3);
  return left;
}
