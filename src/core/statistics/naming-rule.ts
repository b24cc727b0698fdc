import { wilsonInterval } from "./wilson.ts";

/** How often a substitution was made, and out of how many chances: whole numbers. */
export interface Tally {
  readonly times: number;
  readonly chances: number;
}

/**
 * A substitution is called a pattern only when it was made at least so many times, and the low end of its interval is above
 * this share. Ours; common practice, no source: of learners who misread only by chance, 3 of 100 graphemes, fewer than 5
 * in 100 are named, and of those who make one half of the time 98 in 100 after twelve chances.
 */
export const PATTERN_RULE = { lowEnd: 0.08, times: 3 } as const;

/**
 * The one rule by which a substitution is called a pattern: it was made often enough, and even the low end of its 95 %
 * interval is more than chance makes.
 */
export function isNamed({ times, chances }: Tally): boolean {
  return times >= PATTERN_RULE.times && wilsonInterval(times, chances).low > PATTERN_RULE.lowEnd;
}
