import type { Lexicon } from "../../lexicon/lexicon.ts";
import { shippedLexicon } from "../../lexicon/shipped.ts";
import type { ChainRequest } from "../request.ts";
import { type ChainPlan, type NoChain, planChain } from "./plan-chain.ts";

export interface ChainLevels {
  readonly easier: ChainPlan;
  readonly harder: ChainPlan;
}

/** The same aim for two halves of a group: an easier chain of shorter words and a harder one of longer words. */
export function planLevels(request: ChainRequest, lexicon: Lexicon = shippedLexicon()): ChainLevels | NoChain {
  const easier = planChain({ ...request, level: "easier", count: 1 }, lexicon);
  if (!Array.isArray(easier)) return easier;
  const [easy] = easier as [ChainPlan];
  // The two are twins, not the same: what the one has, the other is kept away from where it can be.
  const recent = [...(request.recent ?? []), ...easy.words];
  const harder = planChain({ ...request, recent, level: "harder", count: 1 }, lexicon);
  if (!Array.isArray(harder)) return harder;
  return { easier: easy, harder: (harder as [ChainPlan])[0] };
}
