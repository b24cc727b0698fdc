import type { Familiarity, Lexicon } from "../../lexicon/lexicon.ts";
import { chancesFor } from "../../statistics/naming-power.ts";
import { describeEntries } from "../describe.ts";
import { type ChainRequest, MAX_CHAIN_LENGTH, MIN_CHAIN_LENGTH } from "../request.ts";
import { FAMILIAR } from "./candidates.ts";
import { type Found, planOnce } from "./plan-once.ts";

const LEAST_KNOWN: Familiarity = 4;

/** Reasons that more words may take away. */
const MENDED_BY_WORDS: ReadonlySet<string> = new Set([
  "too-few-words",
  "word-alone",
  "no-chain-of-length",
  "locked-too-far",
  "power-out-of-reach",
]);

/**
 * Chains for a request: of its length or, where a power is to be reached, of the fewest words that do. Where the request
 * does not say how familiar words must be, words that children know by seven are tried first, then those they meet by
 * nine, then any: as soon as there is a chain that meets every aim. Words used lately are avoided as long as an aim can
 * be met without them.
 *
 * @param budget paths each search may look at
 * @param wanted how many chains, from 1
 * @param mustMeetAims a chain that meets none of its aims is none
 */
export function findChains(
  request: ChainRequest,
  lexicon: Lexicon,
  wanted: number,
  budget?: number,
  mustMeetAims = true,
): Found {
  const bounds = request.leastFamiliar ? [request.leastFamiliar] : ([FAMILIAR, 3, LEAST_KNOWN] as const);
  let best: { found: Found; unmet: readonly string[] } | undefined;
  for (const leastFamiliar of bounds) {
    const found = findWithin({ ...request, leastFamiliar }, lexicon, wanted, budget);
    const unmet = found.ok ? unmetBy(found, request, lexicon) : request.focus;
    if (!best || (found.ok ? !best.found.ok || unmet.length < best.unmet.length : !best.found.ok))
      best = { found, unmet };
    if (found.ok && unmet.length === 0) break;
    if (!found.ok && !MENDED_BY_WORDS.has(found.reason.code)) break;
  }
  const { found, unmet } = best as { found: Found; unmet: readonly string[] };
  const recentCount = request.recent?.length ?? 0;
  // Nor is a pair given up: a chain that never changes the one into the other tells them apart nowhere.
  if (found.ok && recentCount > 0 && request.contrasts.length > 0 && crossedBy(found, request, lexicon) === 0) {
    const again = findChains({ ...request, recent: [] }, lexicon, wanted, budget, mustMeetAims);
    if (again.ok && crossedBy(again, request, lexicon) > 0) return again;
  }
  // Around words that stay in their places, and for less than was asked, the aim is met as far as it goes.
  const isFree = mustMeetAims && !request.fixed?.some((word) => word !== undefined) && request.contrasts.length === 0;
  const meetsNone = request.focus.length > 0 && unmet.length === request.focus.length;
  if (!found.ok || !isFree || !meetsNone) return found;
  // Where every word for the aim was taught lately, those words come again sooner than that the aim is given up.
  if (recentCount > 0) return findChains({ ...request, recent: [] }, lexicon, wanted, budget);
  return { ok: false, reason: { code: "aim-out-of-reach", aims: unmet } };
}

/** Steps of the best chain found that change one of a contrast into the other. */
function crossedBy(found: Found & { ok: true }, request: ChainRequest, lexicon: Lexicon): number {
  const [first] = found.chains;
  if (!first) return 0;
  const { contrasts } = describeEntries(first.entries, request, lexicon);
  return contrasts.reduce((sum, { minimalSteps }) => sum + minimalSteps, 0);
}

/** Aims that the best chain found does not meet. */
function unmetBy(found: Found & { ok: true }, request: ChainRequest, lexicon: Lexicon): readonly string[] {
  const [first] = found.chains;
  // By ear a correspondence is its sound, and no letters are looked at.
  if (!first || request.focus.length === 0 || request.mode === "ears-only") return [];
  return describeEntries(first.entries, request, lexicon).unmet;
}

const findWithin = (request: ChainRequest, lexicon: Lexicon, wanted: number, budget?: number): Found =>
  request.reachPower ? reachPower(request, lexicon, wanted, budget) : planOnce(request, lexicon, wanted, budget);

/** The shortest chains whose every contrast has the power asked for. */
function reachPower(request: ChainRequest, lexicon: Lexicon, wanted: number, budget?: number): Found {
  const { atLeast, share = 0.5 } = request.reachPower as NonNullable<ChainRequest["reachPower"]>;
  const needed = chancesFor(atLeast, share);
  const most = Math.min(request.length, MAX_CHAIN_LENGTH);
  let best = 0;
  let longest = 0;
  let last: Found | undefined;
  for (let length = Math.max(MIN_CHAIN_LENGTH, Math.min(needed ?? most, most)); length <= most; length++) {
    const found = planOnce({ ...request, length }, lexicon, wanted, budget);
    if (!found.ok) {
      last = found;
      if (found.reason.code !== "no-chain-of-length") return found;
      continue;
    }
    longest = length;
    const reached = found.chains.filter(({ entries }) => {
      const report = describeEntries(entries, { ...request, powerShare: share }, lexicon);
      best = Math.max(best, report.power);
      return report.power >= atLeast;
    });
    if (reached.length > 0) return { ok: true, chains: reached };
  }
  if (longest === 0 && last) return last;
  return { ok: false, reason: { code: "power-out-of-reach", best: Math.floor(best * 100) / 100, words: most } };
}
