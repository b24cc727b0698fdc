import { getOrMake } from "../../get-or-make.ts";
import { inflectionOf } from "../../lexicon/inflection.ts";
import type { Familiarity, Lexicon, LexiconWord } from "../../lexicon/lexicon.ts";
import { seededRandom } from "../../random/seeded-random.ts";
import { type Pattern, patternOfAim } from "../../scope/patterns.ts";
import { patternsIn } from "../../scope/prepared.ts";
import type { AccentSettings } from "../../sounds/accents.ts";
import { isVowel } from "../../sounds/phonemes.ts";
import { partsOfGpcId } from "../../spelling/gpc-id.ts";
import { keyOfGpc, soundOfKey } from "../../spelling/unit-key.ts";
import { EDGE_KINDS } from "../graph/edge-collector.ts";
import { correspondenceOf } from "../graph/tokens.ts";
import { tokensOf, type WordGraph } from "../graph/word-graph.ts";
import { DEFAULT_MOVES } from "../moves.ts";
import { type PositionRule, positionRule } from "../position-rule.ts";
import type { ChainRequest } from "../request.ts";
import { chanceWorth, WEIGHT } from "../scoring.ts";
import { isEarsOnly } from "./candidates.ts";

/**
 * The steps between candidates in compressed rows, as numbers: those out of candidate n are the entries from
 * `offsets[n]` up to `offsets[n + 1]`.
 */
export interface Steps {
  readonly offsets: Int32Array;
  /** Index of the candidate each leads to. */
  readonly to: Int32Array;
  /** As in the word graph: 0 before the vowel, 1 the vowel, 2 after it. */
  readonly position: Uint8Array;
  /** Index of the contrast crossed, or -1. */
  readonly contrast: Int8Array;
  readonly bringsFocus: Uint8Array;
  readonly nearPair: Uint8Array;
  /**
   * The most a step and the word it leads to can be worth, when every chance of an aim is taken for a third
   * one; what the first two are worth more is `firstChancesLeft`.
   */
  readonly mostGained: Float64Array;
}

/** A request turned into numbers: candidates as nodes 0 to n-1, what each is worth, and the rules. */
export interface Problem {
  readonly request: ChainRequest;
  readonly length: number;
  readonly entries: readonly LexiconWord[];
  readonly indexOf: ReadonlyMap<string, number>;
  readonly steps: Steps;
  /** What a word is worth wherever it stands, part by part. */
  readonly wordParts: (node: number) => WordParts;
  readonly wordScore: Float64Array;
  /** Which focus correspondences a word holds, by index. */
  readonly focusOf: (node: number) => readonly number[];
  readonly focusWeights: readonly number[];
  readonly contrastWeights: readonly number[];
  readonly isNonsense: Uint8Array;
  readonly mostNonsense: number;
  /** The candidate laid down for each place, or -1. */
  readonly fixed: readonly number[];
  readonly must: readonly number[];
  readonly rule: PositionRule;
}

interface WordParts {
  readonly aims: number;
  readonly commonness: number;
  readonly freshness: number;
  readonly level: number;
  readonly luck: number;
}

export interface ProblemInput {
  readonly request: ChainRequest;
  readonly graph: WordGraph;
  readonly lexicon: Lexicon;
  /** Graph indices of the candidates, rising. */
  readonly candidates: readonly number[];
  readonly nonsense: ReadonlySet<string>;
  /** Places laid down and words that must come in, as spellings. */
  readonly fixed: readonly (string | undefined)[];
  readonly must: readonly string[];
}

/** What a word's familiarity is worth, from 1 to 4: a child of five should know it. */
const FAMILIAR_WORTH: Readonly<Record<Familiarity, number>> = { 1: 1, 2: 0.7, 3: 0.25, 4: 0 };
/** Aims beyond this many are not scored: counts are kept two bits each. */
const MOST_AIMS = 12;

/** What another plan's words cost, so that plans differ. */
const USED = -2;

/** A request as the search sees it: words as numbers, each with its score, flags and steps. */
export function makeProblem(input: ProblemInput): Problem {
  const { request, graph, lexicon, candidates, nonsense } = input;
  const entries = candidates.map((node) => graph.words[node] as LexiconWord);
  const indexOf = new Map(entries.map((entry, k) => [entry.word, k]));
  const aims = aimTokens(request, graph, lexicon.accent);
  const recent = new Set(request.recent ?? []);
  const luck = luckOf(graph, request.seed);
  const contrastWord = request.reachPower ? WEIGHT.contrastWordForPower : WEIGHT.contrastWord;
  const focusIn = candidates.map((node, k) =>
    focusHeld(tokensOf(graph, node), entries[k] as LexiconWord, aims.focus, lexicon),
  );
  const wordParts = (k: number): WordParts => {
    const entry = entries[k] as LexiconWord;
    const node = candidates[k] as number;
    const tokens = tokensOf(graph, node);
    let worth = 0;
    for (const { a, b, weight } of aims.contrasts)
      if (tokens.includes(a) || tokens.includes(b)) worth += contrastWord * weight;
    const common = WEIGHT.commonness * FAMILIAR_WORTH[entry.familiarity];
    return {
      aims: worth,
      commonness: nonsense.has(entry.word) ? WEIGHT.nonsense : common,
      freshness: recent.has(entry.word) ? WEIGHT.recent : 0,
      level: levelWorth(request, tokens.length),
      luck: luck[node] as number,
    };
  };
  const wordScore = Float64Array.from(entries, (_, k) => {
    const { aims: aim, commonness, freshness, level, luck: chance } = wordParts(k);
    return aim + commonness + freshness + level + chance;
  });
  return {
    request,
    length: request.length,
    entries,
    indexOf,
    steps: stepsBetween(input, aims, wordScore, focusIn),
    wordParts,
    wordScore,
    focusOf: (node) => focusIn[node] as readonly number[],
    focusWeights: aims.focus.map(({ weight }) => weight),
    contrastWeights: aims.contrasts.map(({ weight }) => weight),
    isNonsense: Uint8Array.from(entries, ({ word }) => (nonsense.has(word) ? 1 : 0)),
    mostNonsense: mostNonsense(request),
    fixed: Array.from({ length: request.length }, (_, k) => {
      const word = input.fixed[k];
      return word === undefined ? -1 : (indexOf.get(word) as number);
    }),
    must: input.must.map((word) => indexOf.get(word) as number),
    rule: positionRule(request.positions ?? "any", request.longestRun, request.length - 1),
  };
}

/** The same problem, kept away from some words, because another plan has them. */
export function keptFrom(problem: Problem, used: ReadonlySet<string>): Problem {
  const { steps, entries } = problem;
  const cost = Float64Array.from(entries, ({ word }) => (used.has(word) ? USED : 0));
  return {
    ...problem,
    wordScore: problem.wordScore.map((score, node) => score + (cost[node] as number)),
    wordParts: (node) => {
      const parts = problem.wordParts(node);
      return { ...parts, freshness: parts.freshness + (cost[node] as number) };
    },
    steps: { ...steps, mostGained: steps.mostGained.map((gain, e) => gain + (cost[steps.to[e] as number] as number)) },
  };
}

/** How many nonsense words a chain may hold. @returns a whole number of words, from 0 to the length of the chain */
export function mostNonsense({ nonsenseShare = 0, length }: Pick<ChainRequest, "nonsenseShare" | "length">): number {
  return Math.floor(Math.min(1, Math.max(0, nonsenseShare)) * length + 1e-9);
}

interface AimTokens {
  /** A correspondence by its token, or a pattern. */
  readonly focus: readonly { readonly token: number; readonly pattern: Pattern | undefined; readonly weight: number }[];
  readonly contrasts: readonly { readonly a: number; readonly b: number; readonly weight: number }[];
}

/** The aims as the graph's tokens; by ear a correspondence is its sound. */
function aimTokens(request: ChainRequest, graph: WordGraph, accent: AccentSettings): AimTokens {
  const numbers = new Map(graph.table.keys.map((key, token) => [key, token]));
  const tokenOf = (gpc: string) => {
    const key = keyOfGpc(gpc, accent);
    if (isEarsOnly(request)) return numbers.get(soundOfKey(key)) ?? -2;
    return numbers.get(correspondenceOf(partsOfGpcId(gpc))) ?? numbers.get(key) ?? -2;
  };
  const weightOf = (aim: string) => request.weights?.[aim] ?? 1;
  return {
    focus: request.focus
      .slice(0, MOST_AIMS)
      .map((aim) => ({ token: tokenOf(aim), pattern: patternOfAim(aim), weight: weightOf(aim) })),
    contrasts: request.contrasts
      .slice(0, MOST_AIMS)
      .map(({ a, b }) => ({ a: tokenOf(a), b: tokenOf(b), weight: weightOf(`${a}/${b}`) })),
  };
}

const NO_FOCUS: readonly number[] = [];

function focusHeld(
  tokens: Int32Array,
  entry: LexiconWord,
  focus: AimTokens["focus"],
  lexicon: Lexicon,
): readonly number[] {
  if (focus.length === 0) return NO_FOCUS;
  let held: number[] | undefined;
  for (let k = 0; k < focus.length; k++) {
    const { token, pattern } = focus[k] as AimTokens["focus"][0];
    if (!(pattern ? patternsIn(entry, lexicon).has(pattern) : tokens.includes(token))) continue;
    held ??= [];
    held.push(k);
  }
  return held ?? NO_FOCUS;
}

function levelWorth({ level }: ChainRequest, units: number): number {
  if (!level) return 0;
  const length = Math.min(1, Math.max(0, (units - 2) / 3));
  return WEIGHT.level * (level === "harder" ? length : 1 - length);
}

/** Luck hangs on the word list's own order, so that other candidates do not change it. */
function luckOf(graph: WordGraph, seed: number): Float64Array {
  const random = seededRandom(seed);
  const luck = new Float64Array(graph.words.length);
  for (let node = 0; node < luck.length; node++) luck[node] = random() * WEIGHT.luck;
  return luck;
}

const BASES = new WeakMap<WordGraph, Int32Array>();

/** Index of the word each word is a form of (grins: grin), or -1. */
function basesIn(graph: WordGraph, lexicon: Lexicon): Int32Array {
  let bases = BASES.get(graph);
  if (!bases) {
    bases = Int32Array.from(graph.words, ({ word }) => {
      const base = inflectionOf(word, lexicon)?.base;
      return base === undefined ? -1 : (graph.indexOf.get(base) ?? -1);
    });
    BASES.set(graph, bases);
  }
  return bases;
}

function stepsBetween(
  { graph, candidates, request, lexicon }: ProblemInput,
  aims: AimTokens,
  wordScore: Float64Array,
  focusIn: readonly (readonly number[])[],
): Steps {
  const toCandidate = new Int32Array(graph.words.length).fill(-1);
  candidates.forEach((node, k) => {
    toCandidate[node] = k;
  });
  const moves = request.moves ?? DEFAULT_MOVES;
  const allowed = EDGE_KINDS.map((move) => moves.includes(move));
  const change = EDGE_KINDS.indexOf("change");
  const bases = basesIn(graph, lexicon);
  const syllabic = getOrMake(SYLLABIC, graph, () => graph.table.keys.map(isSyllable));
  const most = graph.targets.length;
  const offsets = new Int32Array(candidates.length + 1);
  const steps = {
    to: new Int32Array(most),
    position: new Uint8Array(most),
    contrast: new Int8Array(most).fill(-1),
    bringsFocus: new Uint8Array(most),
    nearPair: new Uint8Array(most),
    mostGained: new Float64Array(most),
  };
  const { offsets: starts, targets, kinds, positions, oldTokens, newTokens } = graph;
  const hasFocus = aims.focus.length > 0;
  const focusTokens = new Set(aims.focus.map(({ token }) => token));
  // What coming to a word is worth, its focus included: worked out a word, not a step.
  const arriving = Float64Array.from(wordScore, (score, k) => {
    let worth = score;
    if (hasFocus)
      for (const f of focusIn[k] as readonly number[])
        worth += chanceWorth(WEIGHT.focusWord, (aims.focus[f] as AimTokens["focus"][0]).weight, LATER_CHANCE);
    return worth;
  });
  let at = 0;
  for (let from = 0; from < candidates.length; from++) {
    const node = candidates[from] as number;
    const end = starts[node + 1] as number;
    for (let e = starts[node] as number; e < end; e++) {
      const target = targets[e] as number;
      const to = toCandidate[target] as number;
      const kind = kinds[e] as number;
      if (to === -1 || !allowed[kind]) continue;
      const gone = oldTokens[e] as number;
      const came = newTokens[e] as number;
      // One grapheme, but a whole syllable to the ear (fix, fixes): the teacher's to put in, not the planner's.
      if (syllabic[gone] || syllabic[came]) continue;
      steps.to[at] = to;
      steps.position[at] = positions[e] as number;
      let gain = arriving[to] as number;
      if (hasFocus && (focusTokens.has(gone) || focusTokens.has(came))) {
        steps.bringsFocus[at] = 1;
        gain += WEIGHT.focusStep;
      }
      for (let c = 0; c < aims.contrasts.length; c++) {
        const { a, b, weight } = aims.contrasts[c] as AimTokens["contrasts"][0];
        if ((gone !== a || came !== b) && (gone !== b || came !== a)) continue;
        steps.contrast[at] = c;
        gain += chanceWorth(WEIGHT.contrastStep, weight, LATER_CHANCE);
        break;
      }
      if (kind !== change && (bases[node] === target || bases[target] === node)) {
        steps.nearPair[at] = 1;
        gain += WEIGHT.nearPair;
      }
      steps.mostGained[at] = gain;
      at++;
    }
    offsets[from + 1] = at;
  }
  return {
    offsets,
    to: steps.to.subarray(0, at),
    position: steps.position.subarray(0, at),
    contrast: steps.contrast.subarray(0, at),
    bringsFocus: steps.bringsFocus.subarray(0, at),
    nearPair: steps.nearPair.subarray(0, at),
    mostGained: steps.mostGained.subarray(0, at),
  };
}

const SYLLABIC = new WeakMap<WordGraph, readonly boolean[]>();

/** A unit that is a syllable of its own: -es and -ed with their vowel, le, the m of prism. */
function isSyllable(key: string): boolean {
  const sounds = soundOfKey(key).split(" ");
  return sounds.length > 1 && sounds[0] !== "j" && isVowel(sounds[0] as string);
}

/**
 * The step between two candidates, or -1.
 *
 * @param from index of a candidate
 * @param target index of a candidate
 * @returns index into the columns of `steps`, or -1 when there is none
 */
export function stepFrom({ offsets, to }: Steps, from: number, target: number): number {
  for (let e = offsets[from] as number; e < (offsets[from + 1] as number); e++) if (to[e] === target) return e;
  return -1;
}

/**
 * How many steps lead out of a candidate.
 *
 * @param node index of a candidate
 * @returns a whole number, 0 for a word that stands alone
 */
export const degreeOf = ({ offsets }: Steps, node: number): number =>
  (offsets[node + 1] as number) - (offsets[node] as number);

/**
 * Steps between every candidate and one of them, by breadth; Infinity where there is no way.
 *
 * @param target index of a candidate
 */
export function distancesTo({ steps, entries }: Problem, target: number): Float64Array {
  const back: number[][] = entries.map(() => []);
  entries.forEach((_, from) => {
    for (let e = steps.offsets[from] as number; e < (steps.offsets[from + 1] as number); e++)
      back[steps.to[e] as number]?.push(from);
  });
  const distance = new Float64Array(entries.length).fill(Number.POSITIVE_INFINITY);
  distance[target] = 0;
  let ring = [target];
  for (let d = 1; ring.length > 0; d++) {
    const next: number[] = [];
    for (const node of ring)
      for (const from of back[node] ?? [])
        if (distance[from] === Number.POSITIVE_INFINITY) {
          distance[from] = d;
          next.push(from);
        }
    ring = next;
  }
  return distance;
}

/** The chance at whose worth the bound counts every chance; the first and second are worth more. */
const LATER_CHANCE = 2;

/**
 * What the first chances of an aim that has had so many can still add beyond `mostGained`. With it the bound
 * holds: so many chances are never worth more than so many third ones and this.
 *
 * @param weight how much the aim counts, 1 as a rule
 * @param had chances so far, from 0
 * @returns worth in points of the score, from 0
 */
export function firstChancesLeft(scale: readonly number[], weight: number, had: number): number {
  let left = 0;
  for (let chance = had; chance < LATER_CHANCE; chance++)
    left += chanceWorth(scale, weight, chance) - chanceWorth(scale, weight, LATER_CHANCE);
  return left;
}
