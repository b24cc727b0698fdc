import type { ChainAim } from "./describe.ts";
import type { ChainRequest } from "./request.ts";

/** What a teacher asks of a chain besides its aim: kept with the chain, so that it can be planned again. */
export type ChainShape = Pick<
  ChainRequest,
  | "length"
  | "weights"
  | "start"
  | "end"
  | "mustInclude"
  | "never"
  | "moves"
  | "mode"
  | "nonsenseShare"
  | "positions"
  | "longestRun"
  | "leastFamiliar"
  | "tiles"
  | "closed"
  | "reachPower"
> & {
  /** Words that stay in their places when the chain is planned again. */
  readonly locked: readonly string[];
  /** How often the learner is thought to take one sound of a pair for the other, 0 to 1; half by default. */
  readonly mixedUp?: number;
};

export const DEFAULT_SHAPE: ChainShape = { length: 8, locked: [] };

/**
 * A shape as the part of a request it is. Locked words are laid down where they stand in the chain at hand,
 * which then keeps its length.
 */
export function requestOf(
  shape: ChainShape,
  words: readonly string[],
): Omit<ChainRequest, "taught" | "focus" | "contrasts" | "seed"> {
  const { locked, mixedUp, ...asked } = shape;
  const rest =
    asked.reachPower && mixedUp !== undefined
      ? { ...asked, reachPower: { ...asked.reachPower, share: mixedUp } }
      : asked;
  const fixed = words.map((word) => (locked.includes(word) ? word : undefined));
  return fixed.some((word) => word !== undefined) ? { ...rest, length: words.length, fixed } : rest;
}

/** What a chain of this shape is looked at for. */
export function aimOf(
  { moves, mode, mixedUp }: ChainShape,
  aim: Required<Pick<ChainAim, "focus" | "contrasts" | "recent" | "accent">>,
): ChainAim {
  return {
    ...aim,
    ...(moves && { moves }),
    ...(mode && { mode }),
    ...(mixedUp !== undefined && { powerShare: mixedUp }),
  };
}
