import jStat from "jstat";

/** What is thought of a share before and after answers: a Beta distribution. Both numbers are above 0. */
export interface Beta {
  readonly alpha: number;
  readonly beta: number;
}

/** The share that is expected. @returns a number from 0 to 1 */
export const betaMean = ({ alpha, beta }: Beta): number => alpha / (alpha + beta);

/**
 * The probability that the share is larger than a line.
 *
 * @param line 0 to 1
 * @returns a number from 0 to 1
 */
export const betaAbove = ({ alpha, beta }: Beta, line: number): number => 1 - jStat.beta.cdf(line, alpha, beta);

/** How unsure a yes or no is, in bits. @param chance of a yes, 0 to 1 @returns a number from 0 to 1 */
export function entropy(chance: number): number {
  if (chance <= 0 || chance >= 1) return 0;
  return -chance * Math.log2(chance) - (1 - chance) * Math.log2(1 - chance);
}

/**
 * How much less unsure one more answer is expected to leave it whether the share is larger than a line.
 *
 * @param line 0 to 1
 * @returns bits, from 0
 */
export function expectedInformation({ alpha, beta }: Beta, line: number): number {
  const share = betaMean({ alpha, beta });
  const before = entropy(betaAbove({ alpha, beta }, line));
  const made = entropy(betaAbove({ alpha: alpha + 1, beta }, line));
  const notMade = entropy(betaAbove({ alpha, beta: beta + 1 }, line));
  return Math.max(0, before - share * made - (1 - share) * notMade);
}
