import { lexiconIn } from "../../lexicon/in-accent.ts";
import type { Lexicon } from "../../lexicon/lexicon.ts";
import { shippedLexicon } from "../../lexicon/shipped.ts";
import { type ChainReport, describeEntries } from "../describe.ts";
import { type ChainRequest, MAX_PLANS } from "../request.ts";
import type { ScoreParts } from "../scoring.ts";
import { findChains } from "./find-chains.ts";
import type { NoChainReason } from "./reasons.ts";
import { type Relaxation, relaxationsFor } from "./relaxations.ts";

export interface ChainPlan extends ChainReport {
  /** Higher is better; only compares plans of one request. */
  readonly score: number;
  /** What the score is made of. */
  readonly parts: ScoreParts;
  /** True when it is known that no chain for this request scores higher. */
  readonly proven: boolean;
}

export interface NoChain {
  readonly ok: false;
  readonly reason: NoChainReason;
  /** The smallest single changes that would give a chain, each tried. */
  readonly relaxations: readonly Relaxation[];
}

export interface PlanOptions {
  /** Called while relaxations are tried. */
  readonly onProgress?: (done: number, all: number) => void;
  /** Without relaxations when there is no chain. */
  readonly relax?: boolean;
}

/**
 * Plans chains over the one-step graph of the words this group can decode; how the search works stands in
 * `search.ts`.
 *
 * Deterministic: ties are broken by list order, chance comes from the request's seed.
 *
 * @returns up to `count` chains, best first, no two sharing more than half of their words; or why there is
 * none, with what would give one
 *
 * @example planChain({ taught: taughtAt(sequenceById("phased"), 13), length: 5, focus: [], contrasts: [], seed: 1 })[0].words.length // 5
 */
export function planChain(
  request: ChainRequest,
  list: Lexicon = shippedLexicon(),
  options: PlanOptions = {},
): ChainPlan[] | NoChain {
  const lexicon = lexiconIn(list, request.taught.accent);
  const wanted = Math.max(1, Math.min(Math.floor(request.count ?? 1), MAX_PLANS));
  const found = findChains(request, lexicon, wanted);
  if (!found.ok) {
    const relaxations =
      options.relax === false ? [] : relaxationsFor(request, found.reason, lexicon, options.onProgress);
    return { ok: false, reason: found.reason, relaxations };
  }
  return found.chains.map(({ entries, score, parts, proven }) => ({
    ...describeEntries(entries, request, lexicon),
    score,
    parts,
    proven,
  }));
}
