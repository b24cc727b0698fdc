export interface Interval {
  readonly low: number;
  readonly high: number;
}

/** Two-sided 95 % normal quantile. */
const Z95 = 1.959963984540054;

/**
 * Wilson score interval for a proportion, 95 %, without continuity correction.
 * Source: E. B. Wilson, "Probable inference, the law of succession, and statistical inference", Journal
 * of the American Statistical Association 22 (1927).
 *
 * @param successes whole number, 0 to `trials`
 * @param trials how often it was tried, from 0
 * @returns bounds from 0 to 1; no trials give 0 to 1, which is to say nothing
 */
export function wilsonInterval(successes: number, trials: number): Interval {
  if (trials === 0) return { low: 0, high: 1 };
  const share = successes / trials;
  const z2 = Z95 * Z95;
  const centre = share + z2 / (2 * trials);
  const spread = Z95 * Math.sqrt((share * (1 - share)) / trials + z2 / (4 * trials * trials));
  const scale = 1 + z2 / trials;
  return { low: Math.max(0, (centre - spread) / scale), high: Math.min(1, (centre + spread) / scale) };
}
