import { type Lexicon, type LexiconWord, normaliseSpelling } from "../../lexicon/lexicon.ts";
import { judgeNonsense } from "../../nonsense/judge-nonsense.ts";
import { isTaughtAim } from "../../scope/taught-set.ts";
import { refusalOf } from "../allowed-words.ts";
import { entryOf } from "../entry-of.ts";
import type { StepUnits } from "../graph/tokens.ts";
import type { WordGraph } from "../graph/word-graph.ts";
import { DEFAULT_MOVES } from "../moves.ts";
import { type ChainRequest, MAX_CHAIN_LENGTH, MAX_MUST_INCLUDE, MIN_CHAIN_LENGTH } from "../request.ts";
import type { ScoreParts } from "../scoring.ts";
import { candidateTest, FAMILIAR, fitsTheBox, isEarsOnly, nonsenseFor } from "./candidates.ts";
import { scoreOf, scoreParts } from "./chain-score.ts";
import { graphAround, graphWith } from "./graphs.ts";
import {
  degreeOf,
  distancesTo,
  keptFrom,
  makeProblem,
  mostNonsense,
  type Problem,
  type ProblemInput,
} from "./problem.ts";
import type { NamedAs, NoChainReason } from "./reasons.ts";
import { SEARCH_BUDGET, type SearchOptions, search } from "./search.ts";

/** A chain as the search finds it. */
export interface FoundChain {
  readonly words: readonly string[];
  readonly entries: readonly LexiconWord[];
  readonly parts: ScoreParts;
  readonly score: number;
  /** True when it is known that there is none better. */
  readonly proven: boolean;
}

export type Found =
  | { readonly ok: true; readonly chains: readonly FoundChain[] }
  | { readonly ok: false; readonly reason: NoChainReason };

const no = (reason: NoChainReason): Found => ({ ok: false, reason });

interface Named {
  readonly word: string;
  readonly as: NamedAs;
}

/** How the request is to be met: words in their places, and words that must come in somewhere. */
interface Laid {
  readonly fixed: readonly (string | undefined)[];
  readonly must: readonly string[];
  readonly named: readonly Named[];
}

/**
 * Plans for exactly this request, without relaxing anything but the avoidance of words used lately.
 *
 * @param wanted how many chains, no two sharing more than half of their words
 * @param budget paths each search may look at; about 40,000 unless given
 */
export function planOnce(request: ChainRequest, lexicon: Lexicon, wanted: number, budget?: number): Found {
  const { length } = request;
  if (!Number.isInteger(length) || length < MIN_CHAIN_LENGTH || length > MAX_CHAIN_LENGTH)
    return no({ code: "length-out-of-range", min: MIN_CHAIN_LENGTH, max: MAX_CHAIN_LENGTH });
  const untaught = isEarsOnly(request) ? [] : untaughtAims(request);
  if (untaught.length > 0) return no({ code: "aim-not-taught", gpcs: untaught });
  if ((request.moves ?? DEFAULT_MOVES).length === 0) return no({ code: "no-moves" });
  if (request.tiles && !Object.values(request.tiles).some((count) => count > 0)) return no({ code: "no-tiles" });
  const laid = layDown(request);
  if ("code" in laid) return no(laid);
  for (const { word, as } of laid.named) {
    const refusal = refusalOf(word, request, lexicon, isEarsOnly(request) ? "ears-only" : "taught");
    if (refusal && !(refusal.code === "not-in-list" && mayBeNonsense(word, request, lexicon)))
      return no({ code: "word-refused", as, refusal });
  }
  const fresh = attempt(request, lexicon, laid, wanted, budget, true);
  if (fresh.ok || (request.recent?.length ?? 0) === 0) return fresh;
  return attempt(request, lexicon, laid, wanted, budget, false);
}

function untaughtAims(request: ChainRequest): string[] {
  const aims = [...request.focus, ...request.contrasts.flatMap(({ a, b }) => [a, b])];
  return [...new Set(aims)].filter((id) => !isTaughtAim(id, request.taught));
}

function layDown(request: ChainRequest): Laid | NoChainReason {
  const { length } = request;
  const spelt = (word: string | undefined) => (word === undefined ? undefined : normaliseSpelling(word) || undefined);
  const fixed = Array.from({ length }, (_, k) => spelt(request.fixed?.[k]));
  const named: Named[] = [];
  const start = spelt(request.start);
  const end = spelt(request.end);
  if (start !== undefined) fixed[0] ??= start;
  if (end !== undefined) fixed[length - 1] ??= end;
  fixed.forEach((word, k) => {
    if (word === undefined) return;
    const as = word === start && k === 0 ? "start" : word === end && k === length - 1 ? "end" : "fixed";
    named.push({ word, as });
  });
  const must: string[] = [];
  for (const word of (request.mustInclude ?? []).map(spelt))
    if (word !== undefined && !fixed.includes(word) && !must.includes(word)) {
      must.push(word);
      named.push({ word, as: "must-include" });
    }
  const placed = fixed.filter((word) => word !== undefined);
  const twice = placed.find((word, k) => placed.indexOf(word) !== k);
  if (twice !== undefined) return { code: "named-twice", word: twice };
  const free = fixed.filter((word) => word === undefined).length;
  if (must.length > free || must.length > MAX_MUST_INCLUDE)
    return { code: "too-many-named", most: Math.min(free, MAX_MUST_INCLUDE) + placed.length, named: named.length };
  return { fixed, must, named };
}

function attempt(
  request: ChainRequest,
  lexicon: Lexicon,
  laid: Laid,
  wanted: number,
  budget: number | undefined,
  avoidRecent: boolean,
): Found {
  const supply = supplyFor(request, lexicon, laid.named);
  const recent = new Set(avoidRecent ? request.recent : []);
  const namedWords = new Set(laid.named.map(({ word }) => word));
  const candidates: number[] = [];
  supply.graph.words.forEach((entry, node) => {
    if (namedWords.has(entry.word) || (supply.isCandidate(entry) && !recent.has(entry.word))) candidates.push(node);
  });
  if (candidates.length < request.length) return no({ code: "too-few-words", words: candidates.length });
  const input: ProblemInput = {
    request,
    graph: supply.graph,
    lexicon,
    candidates,
    nonsense: supply.nonsense,
    fixed: laid.fixed,
    must: laid.must,
  };
  const plain = makeProblem(input);
  const alone = laid.named.find(({ word }) => degreeOf(plain.steps, plain.indexOf.get(word) as number) === 0);
  if (alone) return no({ code: "word-alone", as: alone.as, word: alone.word });
  const chosen: FoundChain[] = [];
  const taken: ReadonlySet<string>[] = [];
  let longest = 0;
  for (let turn = 0; turn < wanted * 2 && chosen.length < wanted; turn++) {
    const used = new Set(chosen.flatMap(({ words }) => words).filter((word) => !namedWords.has(word)));
    const problem = turn === 0 ? plain : keptFrom(plain, used);
    const options: SearchOptions = budget === undefined ? {} : { budget };
    const result = request.closed ? searchClosed(problem, options) : search(problem, options);
    longest = Math.max(longest, result.longest);
    const before = chosen.length;
    for (const { nodes } of result.chains) {
      const words = nodes.map((node) => (plain.entries[node] as LexiconWord).word);
      if (taken.some((other) => overlap(other, words) > 0.5)) continue;
      // A much poorer one is not taken from the same search: another search may find a better.
      const best = chosen[0];
      if (turn === 0 && best && scoreOf(plain, nodes) < best.score * NEARLY_AS_GOOD) break;
      taken.push(new Set(words));
      chosen.push({
        words,
        entries: nodes.map((node) => plain.entries[node] as LexiconWord),
        parts: scoreParts(plain, nodes),
        score: scoreOf(plain, nodes),
        proven: turn === 0 && before === chosen.length && result.proven,
      });
      if (chosen.length >= wanted || turn > 0) break;
    }
    if (chosen.length === before) break;
  }
  if (chosen.length === 0) return no(tooFar(plain) ?? { code: "no-chain-of-length", longest });
  return { ok: true, chains: chosen.sort((a, b) => b.score - a.score) };
}

interface Supply {
  readonly graph: WordGraph;
  readonly nonsense: ReadonlySet<string>;
  isCandidate(entry: LexiconWord): boolean;
}

/** May a spelling that is in no list stand in the chain as a nonsense word? */
const mayBeNonsense = (word: string, request: ChainRequest, lexicon: Lexicon): boolean =>
  mostNonsense(request) > 0 && !isEarsOnly(request) && judgeNonsense(word, request.taught, lexicon).ok;

/** The words there are to choose from, and the graph they hang in. */
function supplyFor(request: ChainRequest, lexicon: Lexicon, named: readonly Named[]): Supply {
  // A school's never-list may be long, and every word of ours is held against it.
  const never = new Set(request.never);
  const isAllowed = (entry: LexiconWord) => !never.has(entry.word);
  const isFitting = candidateTest(request, lexicon);
  const isReal = (entry: LexiconWord) => isFitting(entry) && isAllowed(entry);
  const around = (by: StepUnits) => {
    const words = named.map(({ word }) => word);
    return graphAround(words, lexicon, by, request.leastFamiliar ?? FAMILIAR);
  };
  if (isEarsOnly(request)) return { graph: around("phonemes"), nonsense: new Set(), isCandidate: isReal };
  if (mostNonsense(request) === 0) return { graph: around("graphemes"), nonsense: new Set(), isCandidate: isReal };
  const words = new Set(named.map(({ word }) => word));
  const made = nonsenseFor(request, lexicon);
  // A teacher's own nonsense word, locked in its place, is read as it is judged: by rule.
  const own = [...words].flatMap((word) =>
    lexicon.get(word) || made.some((entry) => entry.word === word) ? [] : (entryOf(word, lexicon) ?? []),
  );
  const nonsense = new Set([...made, ...own].map(({ word }) => word));
  const real = lexicon.words.filter((entry) => isReal(entry) || words.has(entry.word));
  const only = (request.nonsenseShare ?? 0) >= 1;
  return {
    graph: graphWith(real, own.length === 0 ? made : [...made, ...own], lexicon),
    nonsense,
    isCandidate: (entry) =>
      nonsense.has(entry.word) ? isAllowed(entry) && fitsTheBox(entry, request) : !only && isReal(entry),
  };
}

/** Share of the best score from which a further chain of the same search is good enough. */
const NEARLY_AS_GOOD = 0.93;

/** How many first words are tried for a chain that closes on itself. */
const CLOSED_STARTS = 24;
/** Paths looked at from each of them at least. */
const LEAST_A_START = 2_000;

/** A chain whose last word is one step from its first: tried from one first word after the other. */
function searchClosed(problem: Problem, options: SearchOptions): ReturnType<typeof search> {
  const laid = problem.fixed[0] as number;
  const starts =
    laid >= 0
      ? [laid]
      : problem.entries
          .map((_, node) => ({
            node,
            worth: (problem.wordScore[node] as number) + problem.focusOf(node).length,
          }))
          .filter(({ node }) => degreeOf(problem.steps, node) >= 2)
          .sort((a, b) => b.worth - a.worth || a.node - b.node)
          .slice(0, CLOSED_STARTS)
          .map(({ node }) => node);
  const chains: { nodes: readonly number[]; score: number }[] = [];
  let longest = 0;
  // The first words share what one search may cost.
  const budget = Math.max(LEAST_A_START, (options.budget ?? SEARCH_BUDGET) / starts.length);
  for (const startAt of starts) {
    const { offsets, to } = problem.steps;
    const endAmong = new Set(to.subarray(offsets[startAt], offsets[startAt + 1]));
    const found = search(problem, { ...options, startAt, endAmong, budget });
    longest = Math.max(longest, found.longest);
    chains.push(...found.chains.slice(0, 40));
  }
  chains.sort((a, b) => b.score - a.score);
  return { chains, longest, proven: false };
}

/** Two words laid down so near each other that no way between them is short enough. */
function tooFar(problem: Problem): NoChainReason | undefined {
  const { fixed, entries } = problem;
  const places = fixed.flatMap((node, place) => (node === -1 ? [] : [{ node, place }]));
  for (let k = 1; k < places.length; k++) {
    const [before, here] = [places[k - 1], places[k]] as [{ node: number; place: number }, (typeof places)[0]];
    const steps = here.place - before.place;
    if ((distancesTo(problem, here.node)[before.node] as number) <= steps) continue;
    const word = (node: number) => (entries[node] as LexiconWord).word;
    return { code: "locked-too-far", from: word(before.node), to: word(here.node), steps };
  }
  return undefined;
}

/** The share of the shorter of two chains that stands in the other one too; no chain has a word twice. */
function overlap(a: ReadonlySet<string>, b: readonly string[]): number {
  let common = 0;
  for (const word of b) if (a.has(word)) common++;
  return common / Math.min(a.size, b.length);
}
