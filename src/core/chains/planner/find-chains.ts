import type { Lexicon } from "../../lexicon/lexicon.ts";
import { describeEntries } from "../describe.ts";
import { chancesFor } from "../power.ts";
import { type ChainRequest, MAX_CHAIN_LENGTH, MIN_CHAIN_LENGTH } from "../request.ts";
import { type Found, planOnce } from "./plan-once.ts";

/**
 * Chains for a request: of its length or, where a power is to be reached, of the fewest words that do.
 *
 * @param budget paths each search may look at
 * @param wanted how many chains, from 1
 */
export const findChains = (request: ChainRequest, lexicon: Lexicon, wanted: number, budget?: number): Found =>
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
