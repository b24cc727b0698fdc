import { wilsonInterval } from "./wilson.ts";

/** How often a substitution was made, and out of how many chances: whole numbers. */
export interface Tally {
  readonly times: number;
  readonly chances: number;
}

/** A substitution is called a pattern only when the interval's low end is above this and there were enough chances. */
export const PATTERN_RULE = { lowEnd: 0.15, chances: 3 } as const;

/**
 * The one rule by which a substitution is called a pattern: there were enough chances, and even the low end of its
 * 95 % interval is more than chance substitutions make.
 */
export function isNamed({ times, chances }: Tally): boolean {
  return chances >= PATTERN_RULE.chances && wilsonInterval(times, chances).low > PATTERN_RULE.lowEnd;
}
