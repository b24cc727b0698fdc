import { isNamed, type Tally } from "./naming-rule.ts";

const NOTHING_YET: Tally = { times: 0, chances: 0 };

/**
 * How likely it is that a substitution will be called a pattern: the probability, exactly, that the rule of
 * `naming-rule.ts` names it after so many more chances of a learner who makes it with probability `share`. Binomial.
 *
 * @param chances chances to come, a whole number, from 0
 * @param share 0 to 1; half by default
 * @param record what this learner's record says already; nothing unless given
 * @returns a probability, from 0 to 1
 *
 * @example namingPower(8).toFixed(2) // "0.86"
 */
export function namingPower(chances: number, share = 0.5, record: Tally = NOTHING_YET): number {
  let power = 0;
  // From one term to the next, so that nothing overflows.
  for (let times = 0; times <= chances; times++)
    if (isNamed({ times: record.times + times, chances: record.chances + chances }))
      power += binomial(times, chances, share);
  return Math.min(1, power);
}

/** Probability of exactly so many successes. */
function binomial(times: number, of: number, share: number): number {
  if (share <= 0) return times === 0 ? 1 : 0;
  if (share >= 1) return times === of ? 1 : 0;
  let logarithm = times * Math.log(share) + (of - times) * Math.log1p(-share);
  for (let k = 1; k <= times; k++) logarithm += Math.log(of - times + k) - Math.log(k);
  return Math.exp(logarithm);
}

/** Chances to take either of two for the other. */
export interface PairChances {
  readonly a: number;
  readonly b: number;
}

/**
 * How likely it is that a pair mixed up both ways will be called a pattern, one way or the other.
 *
 * @param share with which probability each is taken for the other, 0 to 1
 * @returns a probability, from 0 to 1
 */
export function pairPower({ a, b }: PairChances, share = 0.5): number {
  return 1 - (1 - namingPower(a, share)) * (1 - namingPower(b, share));
}

/**
 * How many more chances a pair needs to be called a pattern with a power, however they fall on the two.
 *
 * @param power a probability, from 0 to 1
 * @param share with which probability each is taken for the other, 0 to 1
 * @returns 0 when it is reached; undefined when no number up to 60 would do
 */
export function moreChancesFor(power: number, { a, b }: PairChances, share = 0.5): number | undefined {
  for (let more = 0; more <= MOST_CHANCES; more++)
    for (let toA = 0; toA <= more; toA++) if (pairPower({ a: a + toA, b: b + more - toA }, share) >= power) return more;
  return undefined;
}

/** Chances beyond which no chain goes. */
const MOST_CHANCES = 60;

/**
 * The fewest chances that reach a power for a pair mixed up both ways, however they fall on the two; undefined when none
 * do (a share of 0, a power of 1).
 *
 * @param power a probability, from 0 to 1
 */
export function chancesFor(power: number, share = 0.5): number | undefined {
  for (let chances = 1; chances <= MOST_CHANCES; chances++)
    for (let a = 0; 2 * a <= chances; a++) if (pairPower({ a, b: chances - a }, share) >= power) return chances;
  return undefined;
}

/**
 * How many more chances would settle whether a learner makes a substitution: the fewest after which the rule would name
 * it with the power asked for.
 *
 * @param power a probability, from 0 to 1; four in five unless given
 * @param share with which probability it is made, 0 to 1
 * @returns 0 when it is named already; undefined when no number up to 60 would do
 */
export function chancesToSettle(record: Tally, share = 0.5, power = 0.8): number | undefined {
  if (isNamed(record)) return 0;
  for (let chances = 1; chances <= MOST_CHANCES; chances++)
    if (namingPower(chances, share, record) >= power) return chances;
  return undefined;
}

/** Who has made a substitution at all is not thought to make it less often than this. Common practice, no source. */
const LEAST_SHARE = 0.3;

/** With which probability it is thought that somebody goes on making a substitution. @returns a number from 0 to 1 */
export const likelyShare = ({ times, chances }: Tally): number => Math.max(LEAST_SHARE, times / Math.max(1, chances));
