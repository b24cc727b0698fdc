/**
 * How likely a chain is to show a confusion: the probability of seeing at least two errors in `chances`
 * independent chances when the learner confuses the pair with probability `share`. Binomial.
 *
 * @param chances whole number, 0 or more
 * @param share 0 to 1; half by default
 */
export function diagnosticPower(chances: number, share = 0.5): number {
  const none = (1 - share) ** chances;
  const exactlyOne = chances * share * (1 - share) ** (chances - 1);
  return chances < 2 ? 0 : 1 - none - exactlyOne;
}
