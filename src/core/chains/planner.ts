import { lexiconIn } from "../lexicon/in-accent.ts";
import { inflectionOf } from "../lexicon/inflection.ts";
import { type Lexicon, type LexiconWord, normaliseSpelling } from "../lexicon/lexicon.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { seededRandom } from "../random/seeded-random.ts";
import { keyOfGpc, unitKey } from "../spelling/unit-key.ts";
import { plannable, refusalOf, type WordRefusal } from "./allowed-words.ts";
import { type ChainReport, describeChain } from "./describe.ts";
import { buildGraph, type Edge, type WordGraph } from "./graph.ts";
import { type ChainRequest, MAX_CHAIN_LENGTH, MIN_CHAIN_LENGTH } from "./request.ts";

export interface ChainPlan extends ChainReport {
  /** Higher is better; only compares plans of one request. */
  readonly score: number;
}

/** Why no chain can be made. */
export type NoChainReason =
  | { readonly code: "length-out-of-range"; readonly min: number; readonly max: number }
  | { readonly code: "start-word-refused"; readonly refusal: WordRefusal }
  | { readonly code: "start-word-alone"; readonly word: string }
  | { readonly code: "too-few-words"; readonly words: number }
  | { readonly code: "aim-not-taught"; readonly gpcs: readonly string[] }
  | { readonly code: "no-chain-of-length"; readonly longest: number };

export interface NoChain {
  readonly ok: false;
  readonly reason: NoChainReason;
}

/**
 * Weights of the parts of a score, in one place. Each aim's first few chances are worth most, so that a
 * chain with several aims meets all of them before it meets one again.
 */
const WEIGHT = {
  /** A step from one sound of a contrast to the other: the first ones, then each further one. */
  contrastStep: 3,
  contrastStepMore: 1.5,
  /** A word that holds a sound of a contrast. */
  contrastWord: 0.5,
  /** A word with a focus correspondence: the first ones, then each further one. */
  focusWord: 2.6,
  focusWordMore: 0.9,
  /** A step that brings or takes a focus correspondence. */
  focusStep: 0.8,
  /** The commonest word against the rarest. */
  commonness: 1.2,
  /** A change in the same place as the one before, and each further one. */
  samePlace: -0.5,
  /** A word next to itself with an ending on (grin, grins). */
  nearPair: -2.5,
  recent: -1.5,
  /** Luck, so that "three others" are others. */
  jitter: 0.5,
} as const;

/** How many chances of an aim count as its first ones. */
const FIRST_CHANCES = 3;

const BEAM_WIDTH = 140;
/** How many paths may end in the same word: keeps the beam from filling with one family. */
const PATHS_A_WORD = 3;
const MAX_COUNT = 5;

interface Path {
  readonly node: number;
  readonly before: Path | undefined;
  readonly edge: Edge | undefined;
  readonly length: number;
  readonly score: number;
  readonly samePlaceRun: number;
  /** Words with a focus correspondence, and steps across a contrast, so far. */
  readonly focusWords: number;
  readonly contrastSteps: number;
}

/**
 * Plans chains: beam search over the one-step graph of the words this group can decode.
 *
 * Deterministic: ties are broken by list order, chance comes from the request's seed.
 *
 * @returns up to `count` chains, best first, no two sharing more than half of their words; or why none
 */
export function planChain(request: ChainRequest, list: Lexicon = shippedLexicon()): ChainPlan[] | NoChain {
  const lexicon = lexiconIn(list, request.taught.accent);
  const graph = graphOf(lexicon);
  const { length } = request;
  if (!Number.isInteger(length) || length < MIN_CHAIN_LENGTH || length > MAX_CHAIN_LENGTH)
    return none({ code: "length-out-of-range", min: MIN_CHAIN_LENGTH, max: MAX_CHAIN_LENGTH });
  const untaught = untaughtAims(request);
  if (untaught.length > 0) return none({ code: "aim-not-taught", gpcs: untaught });

  const allowed = graph.words.map((entry) => plannable(entry, request, lexicon));
  const start = request.start === undefined ? undefined : normaliseSpelling(request.start);
  let starts: number[] | undefined;
  if (start !== undefined) {
    const refusal = refusalOf(start, request, lexicon);
    if (refusal) return none({ code: "start-word-refused", refusal });
    const index = graph.indexOf.get(start) as number;
    allowed[index] = true;
    if (!graph.edges[index]?.some((edge) => allowed[edge.to])) return none({ code: "start-word-alone", word: start });
    starts = [index];
  }
  const words = allowed.filter(Boolean).length;
  if (words < length) return none({ code: "too-few-words", words });

  const scorer = makeScorer(request, graph, lexicon);
  const plans: ChainPlan[] = [];
  const used = new Set<number>();
  let longest = 0;
  const wanted = Math.min(request.count ?? 1, MAX_COUNT);
  for (let attempt = 0; attempt < wanted * 2 && plans.length < wanted; attempt++) {
    const search = beam(request, graph, allowed, starts, scorer, used, request.seed + attempt);
    longest = Math.max(longest, search.longest);
    if (search.paths.length === 0) break;
    for (const path of search.paths) {
      const nodes = nodesOf(path);
      const chain = nodes.map((node) => (graph.words[node] as { word: string }).word);
      if (plans.some((plan) => overlap(plan.words, chain) > 0.5)) continue;
      plans.push({ ...describeChain(chain, request, lexicon), score: path.score });
      for (const node of nodes) used.add(node);
      if (plans.length >= wanted) break;
    }
  }
  return plans.length > 0 ? plans : none({ code: "no-chain-of-length", longest });
}

const none = (reason: NoChainReason): NoChain => ({ ok: false, reason });

const GRAPHS = new WeakMap<Lexicon, WordGraph>();

/** The graph of a whole word list, built at the first call. */
export function graphOf(lexicon: Lexicon): WordGraph {
  let graph = GRAPHS.get(lexicon);
  if (!graph) {
    graph = buildGraph(lexicon.words, lexicon.accent);
    GRAPHS.set(lexicon, graph);
  }
  return graph;
}

function untaughtAims(request: ChainRequest): string[] {
  const aims = [...request.focus, ...request.contrasts.flatMap(({ a, b }) => [a, b])];
  return [...new Set(aims)].filter((id) => !request.taught.gpcs.has(keyOfGpc(id, request.taught.accent)));
}

interface Scorer {
  begin(node: number): Path;
  extend(path: Path, edge: Edge): Path;
}

function makeScorer(request: ChainRequest, graph: WordGraph, lexicon: Lexicon): Scorer {
  const { accent } = lexicon;
  const keyOf = (id: string) => keyOfGpc(id, accent);
  const focus = new Set(request.focus.map(keyOf));
  const pairs = request.contrasts.map(({ a, b }) => [keyOf(a), keyOf(b)] as const);
  const recent = new Set(request.recent ?? []);
  const known = new Map<number, { score: number; focus: boolean }>();
  const ofWord = (node: number) => {
    let worth = known.get(node);
    if (!worth) {
      const entry = graph.words[node] as LexiconWord;
      const keys = entry.readings[0].units.map((unit) => unitKey(unit, accent));
      let score = WEIGHT.commonness * Math.min(1, Math.max(0, (entry.zipf - 2.5) / 3.5));
      for (const pair of pairs) if (keys.some((key) => pair.includes(key))) score += WEIGHT.contrastWord;
      if (recent.has(entry.word)) score += WEIGHT.recent;
      worth = { score, focus: keys.some((key) => focus.has(key)) };
      known.set(node, worth);
    }
    return worth;
  };
  const bases = new Map<number, string | undefined>();
  const baseOf = (node: number) => {
    if (!bases.has(node)) bases.set(node, inflectionOf(graph.words[node]?.word ?? "", lexicon)?.base);
    return bases.get(node);
  };
  const isNearPair = (from: number, edge: Edge) =>
    edge.kind !== "change" &&
    (baseOf(edge.to) === graph.words[from]?.word || baseOf(from) === graph.words[edge.to]?.word);
  const focusWorth = (before: number) => (before < FIRST_CHANCES ? WEIGHT.focusWord : WEIGHT.focusWordMore);

  const begin = (node: number): Path => {
    const worth = ofWord(node);
    return {
      node,
      before: undefined,
      edge: undefined,
      length: 1,
      score: worth.score + (worth.focus ? focusWorth(0) : 0),
      samePlaceRun: 0,
      focusWords: worth.focus ? 1 : 0,
      contrastSteps: 0,
    };
  };
  const extend = (path: Path, edge: Edge): Path => {
    const worth = ofWord(edge.to);
    const { oldKey, newKey } = edge;
    let score = path.score + worth.score;
    if (worth.focus) score += focusWorth(path.focusWords);
    if ((oldKey && focus.has(oldKey)) || (newKey && focus.has(newKey))) score += WEIGHT.focusStep;
    const across = pairs.some(([a, b]) => (oldKey === a && newKey === b) || (oldKey === b && newKey === a));
    if (across) score += path.contrastSteps < FIRST_CHANCES ? WEIGHT.contrastStep : WEIGHT.contrastStepMore;
    const samePlace = path.edge?.position === edge.position;
    if (samePlace) score += WEIGHT.samePlace * path.samePlaceRun;
    if (isNearPair(path.node, edge)) score += WEIGHT.nearPair;
    return {
      node: edge.to,
      before: path,
      edge,
      length: path.length + 1,
      score,
      samePlaceRun: samePlace ? path.samePlaceRun + 1 : 1,
      focusWords: path.focusWords + (worth.focus ? 1 : 0),
      contrastSteps: path.contrastSteps + (across ? 1 : 0),
    };
  };
  return { begin, extend };
}

function beam(
  request: ChainRequest,
  graph: WordGraph,
  allowed: readonly boolean[],
  starts: readonly number[] | undefined,
  scorer: Scorer,
  used: ReadonlySet<number>,
  seed: number,
): { paths: Path[]; longest: number } {
  const random = seededRandom(seed);
  const jitter = graph.words.map((_, node) => random() * WEIGHT.jitter - (used.has(node) ? 1.5 : 0));
  const withLuck = (path: Path): Path => ({ ...path, score: path.score + (jitter[path.node] as number) });
  const first = starts ?? graph.words.flatMap((_, node) => (allowed[node] ? [node] : []));
  let paths = best(
    first.map((node) => withLuck(scorer.begin(node))),
    starts ? BEAM_WIDTH : BEAM_WIDTH * 2,
  );
  let longest = paths.length > 0 ? 1 : 0;
  while (paths.length > 0 && longest < request.length) {
    const next: Path[] = [];
    for (const path of paths)
      for (const edge of graph.edges[path.node] as readonly Edge[]) {
        if (!allowed[edge.to] || stands(path, edge.to)) continue;
        next.push(withLuck(scorer.extend(path, edge)));
      }
    if (next.length === 0) return { paths: [], longest };
    paths = best(next, BEAM_WIDTH);
    longest++;
  }
  return { paths, longest };
}

/** The best paths, at most a few ending in each word, in a stable order. */
function best(paths: readonly Path[], width: number): Path[] {
  const order = paths.map((path, k) => ({ path, k })).sort((x, y) => y.path.score - x.path.score || x.k - y.k);
  const ending = new Map<number, number>();
  const kept: Path[] = [];
  for (const { path } of order) {
    const count = ending.get(path.node) ?? 0;
    if (count >= PATHS_A_WORD) continue;
    ending.set(path.node, count + 1);
    kept.push(path);
    if (kept.length === width) break;
  }
  return kept;
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

function overlap(a: readonly string[], b: readonly string[]): number {
  return a.filter((word) => b.includes(word)).length / Math.min(a.length, b.length);
}
