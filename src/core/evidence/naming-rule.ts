import type { SubstitutionRow } from "./substitution-table.ts";
import { wilsonInterval } from "./wilson.ts";

/** A substitution is called a pattern only when the interval's low end is above this and there were enough chances. */
export const PATTERN_RULE = { lowEnd: 0.15, chances: 3 } as const;

/**
 * The one rule by which a substitution is called a pattern: there were enough chances, and even the low end of its
 * 95 % interval is more than chance substitutions make.
 *
 * @param times how often it was made, a whole number, 0 to `chances`
 * @param chances how often the correspondence was met, a whole number, from 0
 */
export function isNamed(times: number, chances: number): boolean {
  return chances >= PATTERN_RULE.chances && wilsonInterval(times, chances).low > PATTERN_RULE.lowEnd;
}

/** True when a row's commonest substitution is a pattern. */
export function isPattern(row: Pick<SubstitutionRow, "substitutions" | "chances">): boolean {
  const [top] = row.substitutions;
  return top !== undefined && isNamed(top.count, row.chances);
}
