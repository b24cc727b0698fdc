import type { Familiarity, Lexicon } from "../../lexicon/lexicon.ts";
import { checkDecodable, type Missing } from "../../scope/decodable.ts";
import type { Pattern } from "../../scope/patterns.ts";
import type { TaughtSet } from "../../scope/taught-set.ts";
import { taughtKey } from "../../scope/taught-set.ts";
import { gpcId, partsOfGpcId } from "../../spelling/gpc-id.ts";
import { graphemeOfKey } from "../../spelling/unit-key.ts";
import { DEFAULT_MOVES, type Move } from "../moves.ts";
import { type ChainRequest, MIN_CHAIN_LENGTH } from "../request.ts";
import { decodableIn, isEarsOnly } from "./candidates.ts";
import { findChains } from "./find-chains.ts";
import { mostNonsense } from "./problem.ts";
import type { NoChainReason } from "./reasons.ts";

/** One thing that could be let go, so that there is a chain. */
export type RelaxationKind =
  | { readonly code: "shorter"; readonly length: number }
  | { readonly code: "allow-move"; readonly move: Move }
  | { readonly code: "drop-start"; readonly word: string }
  | { readonly code: "drop-end"; readonly word: string }
  | { readonly code: "drop-must-include"; readonly word: string }
  | { readonly code: "unlock"; readonly word: string }
  | { readonly code: "drop-aim"; readonly gpc: string }
  | { readonly code: "positions-anyhow" }
  | { readonly code: "longer-runs"; readonly run: number }
  | { readonly code: "rarer-words" }
  | { readonly code: "teach-gpc"; readonly gpc: string }
  | { readonly code: "teach-pattern"; readonly pattern: Pattern }
  | { readonly code: "one-nonsense-word" }
  | { readonly code: "no-tile-count" }
  | { readonly code: "more-of-a-tile"; readonly tile: string; readonly count: number }
  | { readonly code: "read-instead" }
  | { readonly code: "leave-open" }
  | { readonly code: "lower-power"; readonly atLeast: number };

export interface Relaxation {
  readonly relaxation: RelaxationKind;
  /** The fields of the request that change: `{ ...request, ...change }` gives a chain. */
  readonly change: Partial<ChainRequest>;
  /** The chain it gives, already found. */
  readonly example: readonly string[];
}

interface RelaxationCandidate {
  readonly relaxation: RelaxationKind;
  readonly change: Partial<ChainRequest>;
}

const MOST = 5;
/** A small search is enough to know that there is a chain. */
const BUDGET = 8_000;
/** Untaught correspondences looked at, those that would let in most words first; and tiles to put in the box. */
const CHOICES = 3;

/**
 * The smallest single changes to a request that would give a chain, each tried by planning with it.
 *
 * @param onTried called after each try with how many are done and how many there are
 */
export function relaxationsFor(
  request: ChainRequest,
  reason: NoChainReason,
  lexicon: Lexicon,
  onTried?: (done: number, all: number) => void,
): Relaxation[] {
  const candidates = candidatesFor(request, reason, lexicon);
  const found: Relaxation[] = [];
  for (const [k, { relaxation, change }] of candidates.entries()) {
    if (found.length === MOST) break;
    // The least shortening that does is enough.
    if (relaxation.code === "shorter" && found.some((other) => other.relaxation.code === "shorter")) continue;
    const answer = findChains({ ...request, ...change }, lexicon, 1, BUDGET, reason.code === "aim-out-of-reach");
    onTried?.(k + 1, candidates.length);
    const example = answer.ok ? answer.chains[0]?.words : undefined;
    if (example) found.push({ relaxation, change, example });
  }
  return found;
}

/** What might help, the smallest change first. */
function candidatesFor(request: ChainRequest, reason: NoChainReason, lexicon: Lexicon): RelaxationCandidate[] {
  return [
    ...namedWords(request, reason),
    ...untaughtAims(reason, request),
    ...moves(request),
    ...positions(request),
    ...lengths(request, reason),
    ...words(request),
    ...tiles(request),
    ...teaching(request, reason, lexicon),
  ];
}

function namedWords(request: ChainRequest, reason: NoChainReason): RelaxationCandidate[] {
  const at = reason.code === "word-refused" || reason.code === "word-alone" ? reason.as : undefined;
  const all: (RelaxationCandidate & { as: string })[] = [];
  if (request.start) all.push({ as: "start", ...drop("drop-start", request.start, without(request, "start", 0)) });
  if (request.end)
    all.push({ as: "end", ...drop("drop-end", request.end, without(request, "end", request.length - 1)) });
  for (const word of request.mustInclude ?? [])
    all.push({
      as: "must-include",
      ...drop("drop-must-include", word, {
        mustInclude: (request.mustInclude ?? []).filter((other) => other !== word),
      }),
    });
  request.fixed?.forEach((word, place) => {
    if (word === undefined) return;
    const fixed = request.fixed?.map((other, k) => (k === place ? undefined : other)) ?? [];
    all.push({ as: "fixed", ...drop("unlock", word, { fixed }) });
  });
  // The word at fault first.
  return all
    .sort((a, b) => Number(b.as === at) - Number(a.as === at))
    .map(({ relaxation, change }) => ({ relaxation, change }));
}

const drop = (
  code: "drop-start" | "drop-end" | "drop-must-include" | "unlock",
  word: string,
  change: Partial<ChainRequest>,
): RelaxationCandidate => ({ relaxation: { code, word }, change });

/** A request's change that no longer names the first or last word. */
function without(request: ChainRequest, end: "start" | "end", place: number): Partial<ChainRequest> {
  const fixed = request.fixed?.map((word, k) => (k === place ? undefined : word));
  return { [end]: undefined, ...(fixed && { fixed }) } as Partial<ChainRequest>;
}

function untaughtAims(reason: NoChainReason, request: ChainRequest): RelaxationCandidate[] {
  const aims = reason.code === "aim-not-taught" ? reason.gpcs : reason.code === "aim-out-of-reach" ? reason.aims : [];
  return aims.map((gpc) => ({
    relaxation: { code: "drop-aim", gpc },
    change: {
      focus: request.focus.filter((id) => id !== gpc),
      contrasts: request.contrasts.filter(({ a, b }) => a !== gpc && b !== gpc),
    },
  }));
}

function moves(request: ChainRequest): RelaxationCandidate[] {
  const allowed = request.moves ?? DEFAULT_MOVES;
  const others: readonly Move[] = ["change", "add", "take-away"];
  return others
    .filter((move) => !allowed.includes(move))
    .map((move) => ({ relaxation: { code: "allow-move", move }, change: { moves: [...allowed, move] } }));
}

function positions(request: ChainRequest): RelaxationCandidate[] {
  const list: RelaxationCandidate[] = [];
  if (request.longestRun !== undefined) {
    const run = request.longestRun + 1;
    list.push({ relaxation: { code: "longer-runs", run }, change: { longestRun: run } });
  }
  if (request.positions && request.positions !== "any")
    list.push({ relaxation: { code: "positions-anyhow" }, change: { positions: "any" } });
  if (request.closed) list.push({ relaxation: { code: "leave-open" }, change: { closed: false } });
  return list;
}

/** A few words less, the least shortening first; not where words are laid down in their places. */
function lengths(request: ChainRequest, reason: NoChainReason): RelaxationCandidate[] {
  if (reason.code === "power-out-of-reach")
    return [
      {
        relaxation: { code: "lower-power", atLeast: reason.best },
        change: { reachPower: { ...request.reachPower, atLeast: reason.best } },
      },
    ];
  if (request.fixed?.some((word) => word !== undefined)) return [];
  const reached =
    reason.code === "no-chain-of-length"
      ? reason.longest
      : reason.code === "too-few-words"
        ? reason.words
        : request.length;
  const most = Math.min(request.length - 1, Math.max(reached, MIN_CHAIN_LENGTH));
  const tries = [most, most - 1, most - 2, Math.floor(most * 0.75), Math.floor(most / 2), MIN_CHAIN_LENGTH];
  return [...new Set(tries)]
    .filter((length) => length >= MIN_CHAIN_LENGTH && length < request.length)
    .map((length) => ({ relaxation: { code: "shorter", length }, change: { length } }));
}

function words(request: ChainRequest): RelaxationCandidate[] {
  const list: RelaxationCandidate[] = [];
  // Without a bound less familiar words were tried before it came to this.
  if ((request.leastFamiliar ?? 4) < 4)
    list.push({ relaxation: { code: "rarer-words" }, change: { leastFamiliar: 4 as Familiarity } });
  if (request.mode === "building") list.push({ relaxation: { code: "read-instead" }, change: { mode: "reading" } });
  if (!isEarsOnly(request) && mostNonsense(request) === 0)
    list.push({ relaxation: { code: "one-nonsense-word" }, change: { nonsenseShare: 1 / request.length } });
  return list;
}

function tiles(request: ChainRequest): RelaxationCandidate[] {
  const box = request.tiles;
  if (!box) return [];
  const taughtTiles = [...request.taught.gpcs.keys()].map(graphemeOfKey);
  const missing = [...new Set(taughtTiles)].filter((tile) => !box[tile]).slice(0, CHOICES);
  return [
    ...missing.map(
      (tile): RelaxationCandidate => ({
        relaxation: { code: "more-of-a-tile", tile, count: 1 },
        change: { tiles: { ...box, [tile]: 1 } },
      }),
    ),
    { relaxation: { code: "no-tile-count" }, change: { tiles: undefined } as Partial<ChainRequest> },
  ];
}

/** What could be taught: what a named word lacks, else what would let in most words. */
function teaching(request: ChainRequest, reason: NoChainReason, lexicon: Lexicon): RelaxationCandidate[] {
  if (isEarsOnly(request)) return [];
  if (reason.code === "aim-not-taught")
    return reason.gpcs.length === 1 ? reason.gpcs.map((gpc) => teachGpc(request.taught, gpc)) : [];
  if (reason.code === "word-refused") {
    const { refusal } = reason;
    if (refusal.code !== "not-decodable" || refusal.missing.length !== 1) return [];
    return refusal.missing.flatMap((missing) => teach(request.taught, missing));
  }
  const taught = decodableIn(request.taught, lexicon);
  const lets = new Map<string, { missing: Missing; words: number }>();
  for (const entry of lexicon.words) {
    if (taught.has(entry) || entry.suitability !== "suitable" || entry.syllables > 1) continue;
    const { missing } = checkDecodable(entry.word, request.taught, lexicon);
    const [only] = missing;
    if (missing.length !== 1 || !only) continue;
    const key = only.kind === "gpc" ? gpcId(only.grapheme, only.phonemes) : only.kind === "pattern" ? only.pattern : "";
    if (key === "") continue;
    const known = lets.get(key);
    if (known) known.words++;
    else lets.set(key, { missing: only, words: 1 });
  }
  return [...lets.values()]
    .sort((a, b) => b.words - a.words)
    .slice(0, CHOICES)
    .flatMap(({ missing }) => teach(request.taught, missing));
}

function teach(taught: TaughtSet, missing: Missing): RelaxationCandidate[] {
  if (missing.kind === "gpc") return [teachGpc(taught, gpcId(missing.grapheme, missing.phonemes))];
  if (missing.kind !== "pattern") return [];
  const patterns = new Set([...taught.patterns, missing.pattern]);
  return [
    { relaxation: { code: "teach-pattern", pattern: missing.pattern }, change: { taught: { ...taught, patterns } } },
  ];
}

function teachGpc(taught: TaughtSet, gpc: string): RelaxationCandidate {
  const more = partsOfGpcId(gpc);
  const gpcs = new Map(taught.gpcs).set(taughtKey(more.grapheme, more.phonemes, taught.accent), "any");
  return { relaxation: { code: "teach-gpc", gpc }, change: { taught: { ...taught, gpcs } } };
}
