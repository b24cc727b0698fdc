import type { Lexicon } from "../../lexicon/lexicon.ts";
import { shippedLexicon } from "../../lexicon/shipped.ts";
import type { ChainRequest } from "../request.ts";
import { planChain } from "./plan-chain.ts";

/** What a chain is to meet. */
export type ChainTarget = Pick<ChainRequest, "focus" | "contrasts">;

/** The first target that a chain can be made for, with the words of the best one. */
export interface FirstChain extends ChainTarget {
  readonly words: readonly string[];
}

/**
 * Goes through targets, the most wanted first, until there is a chain: what is newest may stand in no two words that are
 * one step apart.
 *
 * @returns undefined where no chain can be made for any of them
 */
export function planFirst(
  request: Omit<ChainRequest, keyof ChainTarget>,
  targets: readonly ChainTarget[],
  list: Lexicon = shippedLexicon(),
): FirstChain | undefined {
  for (const { focus, contrasts } of targets) {
    const answer = planChain({ ...request, focus, contrasts }, list, { relax: false });
    const best = Array.isArray(answer) ? answer[0] : undefined;
    if (best) return { words: best.words, focus, contrasts };
  }
  return undefined;
}
