/**
 * How likely a chain is to show a substitution: the probability of seeing at least two errors in `chances`
 * independent chances when the learner mixes the pair up with probability `share`. Binomial.
 *
 * @param chances whole number, 0 or more
 * @param share 0 to 1; half by default
 * @returns a probability, from 0 to 1
 */
export function diagnosticPower(chances: number, share = 0.5): number {
  if (chances < 2) return 0;
  const none = (1 - share) ** chances;
  const exactlyOne = chances * share * (1 - share) ** (chances - 1);
  return 1 - none - exactlyOne;
}

/** Chances beyond which no chain goes. */
const MOST_CHANCES = 60;

/**
 * The fewest chances that reach a power, or undefined when none do (a share of 0, a power of 1).
 *
 * @param power a probability, from 0 to 1
 */
export function chancesFor(power: number, share = 0.5): number | undefined {
  // Certainty needs a learner who is always wrong: what comes near it only rounds to 1.
  if (power >= 1 && share < 1) return undefined;
  for (let chances = 2; chances <= MOST_CHANCES; chances++)
    if (diagnosticPower(chances, share) >= power) return chances;
  return undefined;
}
