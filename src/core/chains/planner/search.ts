import { Layer, type Path } from "./layer.ts";
import { distancesTo, type Problem } from "./problem.ts";

export interface SearchResult {
  /** Finished chains as candidate indices, best first. */
  readonly chains: readonly { readonly nodes: readonly number[]; readonly score: number }[];
  /** The most words any path got to. */
  readonly longest: number;
  /** True when no chain that was not looked at can be better. */
  readonly proven: boolean;
}

export interface SearchOptions {
  /** Paths looked at before the search settles for what it has. */
  readonly budget?: number;
  /** Candidates the last word must be among. */
  readonly endAmong?: ReadonlySet<number>;
  /** The candidate to start from, over what the problem lays down. */
  readonly startAt?: number;
}

/** Paths looked at unless less is asked for. */
export const SEARCH_BUDGET = 40_000;
const FIRST_WIDTH = 160;
/** How many paths may end in the same word in the same state: keeps a wide list from filling with one family. */
const PATHS_A_WORD = 6;
/** Below this many candidates every path counts. */
const SMALL = 400;
const FINISHED_KEPT = 400;

/**
 * Finds the best chains by a beam search that is guided, and cut, by an exact bound.
 *
 * First the most that can still be gained from every word at every place is worked out backwards (dynamic
 * programming over words, places and states of the position rule, forgetting only that no word may come
 * twice and that later chances of an aim are worth less). Places from which no chain can be finished fall away
 * at once. Then paths grow word by word, those of most hope first. When every path that was let go had less
 * hope than the best chain found, that chain is the best there is; until then, and within the budget, the
 * search is repeated twice as wide.
 */
export function search(problem: Problem, options: SearchOptions = {}): SearchResult {
  const bounds = boundsOf(problem, options);
  const errands = errandsOf(problem);
  const budget = options.budget ?? SEARCH_BUDGET;
  let width = FIRST_WIDTH;
  let spent = 0;
  for (;;) {
    const found = beam(problem, bounds, errands, width, options);
    spent += found.looked;
    const best = found.chains[0]?.score;
    const proven = found.letGo === Number.NEGATIVE_INFINITY || (best !== undefined && found.letGo <= best + 1e-9);
    if (proven || spent >= budget || spent + found.looked * 2 > budget * 1.5) return { ...found, proven };
    width *= 2;
  }
}

/** `bounds[k][node * states + state]`: the most that words k+1 to the last can add. */
type Bounds = readonly Float64Array[];

const NEVER = Number.NEGATIVE_INFINITY;

function boundsOf(problem: Problem, { endAmong }: SearchOptions): Bounds {
  const { length, entries, rule, fixed, steps } = problem;
  const { states } = rule;
  const size = entries.length;
  const bounds: Float64Array[] = [];
  const last = new Float64Array(size * states).fill(NEVER);
  for (let node = 0; node < size; node++) {
    if (!mayStand(fixed, length - 1, node) || (endAmong && !endAmong.has(node))) continue;
    for (let state = 0; state < states; state++) if (rule.accepts(state)) last[node * states + state] = 0;
  }
  bounds[length - 1] = last;
  const next = Int32Array.from({ length: states * 3 }, (_, k) => rule.next(Math.floor(k / 3), k % 3));
  for (let k = length - 2; k >= 0; k--) {
    const after = bounds[k + 1] as Float64Array;
    const here = new Float64Array(size * states).fill(NEVER);
    for (let node = 0; node < size; node++) {
      if (!mayStand(fixed, k, node)) continue;
      const end = steps.offsets[node + 1] as number;
      for (let e = steps.offsets[node] as number; e < end; e++) {
        const gain = steps.mostGained[e] as number;
        const target = (steps.to[e] as number) * states;
        const position = steps.position[e] as number;
        for (let state = 0; state < states; state++) {
          const to = next[state * 3 + position] as number;
          if (to === -1) continue;
          const hope = gain + (after[target + to] as number);
          if (hope > (here[node * states + state] as number)) here[node * states + state] = hope;
        }
      }
    }
    bounds[k] = here;
  }
  return bounds;
}

const mayStand = (fixed: readonly number[], k: number, node: number) => fixed[k] === -1 || fixed[k] === node;

/** What must come in, and whether it still can. */
interface Errands {
  readonly all: number;
  /** Bits of the errands a word is. */
  bitsOf(node: number): number;
  /** Can every word still missing be met, in some order, and the last word reached, in the steps that are left? */
  canMeet(met: number, node: number, left: number): boolean;
}

function errandsOf(problem: Problem): Errands {
  const { must, fixed, length } = problem;
  const all = (1 << must.length) - 1;
  if (must.length === 0) return { all, bitsOf: () => 0, canMeet: () => true };
  const distances = must.map((node) => distancesTo(problem, node));
  const last = fixed[length - 1] as number;
  const toLast = last >= 0 ? distancesTo(problem, last) : undefined;
  // Fewest steps from errand k on when those of `missing` are still to come: over all orders, by subsets.
  const fewest = new Map<number, number>();
  const from = (k: number, missing: number): number => {
    const key = missing * 8 + k;
    const known = fewest.get(key);
    if (known !== undefined) return known;
    const node = must[k] as number;
    let least = missing === 0 ? (toLast?.[node] ?? 0) : Number.POSITIVE_INFINITY;
    for (let next = 0; next < must.length; next++)
      if (missing & (1 << next))
        least = Math.min(least, (distances[next]?.[node] as number) + from(next, missing & ~(1 << next)));
    fewest.set(key, least);
    return least;
  };
  return {
    all,
    bitsOf: (node) => must.reduce((bits, wanted, k) => (wanted === node ? bits | (1 << k) : bits), 0),
    canMeet(met, node, left) {
      const missing = all & ~met;
      if (missing === 0) return true;
      for (let next = 0; next < must.length; next++)
        if (missing & (1 << next) && (distances[next]?.[node] as number) + from(next, missing & ~(1 << next)) <= left)
          return true;
      return false;
    },
  };
}

interface BeamResult {
  readonly chains: SearchResult["chains"];
  readonly longest: number;
  /** The most hope among the paths let go. */
  readonly letGo: number;
  /** Paths looked at. */
  readonly looked: number;
}

function beam(problem: Problem, bounds: Bounds, errands: Errands, width: number, options: SearchOptions): BeamResult {
  const { length, entries, rule, steps } = problem;
  const choosing = {
    width,
    eachWord: entries.length <= SMALL ? Number.POSITIVE_INFINITY : PATHS_A_WORD,
    states: rule.states,
  };
  let layer = beginnings(problem, bounds[0] as Float64Array, errands, options);
  let looked = layer.size;
  let letGo = NEVER;
  let longest = layer.size > 0 ? 1 : 0;
  for (let k = 1; k < length && layer.size > 0; k++) {
    const bound = bounds[k] as Float64Array;
    const kept = layer.mostHopeful(choosing);
    letGo = Math.max(letGo, kept.letGo);
    layer = new Layer(problem, layer.size);
    for (const path of kept.paths) {
      const end = steps.offsets[path.node + 1] as number;
      for (let e = steps.offsets[path.node] as number; e < end; e++) {
        const state = rule.next(path.state, steps.position[e] as number);
        if (state === -1) continue;
        const to = steps.to[e] as number;
        const toCome = bound[to * rule.states + state] as number;
        if (toCome === NEVER || stands(path, to)) continue;
        if (path.nonsense + (problem.isNonsense[to] as number) > problem.mostNonsense) continue;
        const done = path.done | errands.bitsOf(to);
        if (errands.canMeet(done, to, length - 1 - k)) layer.grow(path, e, state, toCome, done);
      }
    }
    looked += layer.size;
    if (layer.size > 0) longest = k + 1;
  }
  const finished = longest === length ? layer.best(errands.all, FINISHED_KEPT) : [];
  return { chains: finished.map((path) => ({ nodes: nodesOf(path), score: path.score })), longest, letGo, looked };
}

/** Every word a chain may begin with. */
function beginnings(problem: Problem, bound: Float64Array, errands: Errands, { startAt }: SearchOptions): Layer {
  const { length, entries, rule } = problem;
  const layer = new Layer(problem, entries.length);
  for (let node = 0; node < entries.length; node++) {
    if (startAt !== undefined && node !== startAt) continue;
    const toCome = bound[node * rule.states + rule.start] as number;
    const done = errands.bitsOf(node);
    if (toCome === NEVER || (problem.isNonsense[node] as number) > problem.mostNonsense) continue;
    if (errands.canMeet(done, node, length - 1)) layer.begin(node, toCome, done);
  }
  return layer;
}

function stands(path: Path | undefined, node: number): boolean {
  for (let p = path; p; p = p.before) if (p.node === node) return true;
  return false;
}

function nodesOf(path: Path): number[] {
  const nodes: number[] = [];
  for (let p: Path | undefined = path; p; p = p.before) nodes.push(p.node);
  return nodes.reverse();
}
