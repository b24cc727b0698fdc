/** Share of the points that a point's own line is drawn through. Cleveland's own choice lies between 0.2 and 0.8. */
const SPAN = 2 / 3;
/** As near as this share of the farthest is as good as there, as far as that as good as the farthest. */
const [AT_ONCE, FARTHEST] = [0.001, 0.999] as const;

/** So small a share is rounding. */
const ROUNDING = 1e-7;

/**
 * A line through points that follows them from place to place: at each point the value of a straight line through its
 * nearest two thirds, which count the less the farther off they lie. Then once more, where what lay far from the first line
 * counts little. W. S. Cleveland, "Robust locally weighted regression and smoothing scatterplots", Journal of the American
 * Statistical Association 74 (1979).
 *
 * @param x in ascending order; may be alike
 * @param y as many as of x
 * @param robustSteps how often the line is drawn anew without what lay far off it, from 0
 * @returns the line's value at each x
 */
export function lowess(x: readonly number[], y: readonly number[], robustSteps: number): number[] {
  const trust = y.map(() => 1);
  let line = drawn(x, y, trust);
  for (let step = 0; step < robustSteps; step++) {
    const off = y.map((value, k) => Math.abs(value - (line[k] as number)));
    const sixMedians = 6 * median(off);
    // Most points lie on the line: what is left of them is rounding, by which nothing can be told apart.
    if (sixMedians <= ROUNDING * sum(off)) break;
    off.forEach((one, k) => {
      const share = one / sixMedians;
      trust[k] = one <= AT_ONCE * sixMedians ? 1 : share > FARTHEST ? 0 : (1 - share ** 2) ** 2;
    });
    line = drawn(x, y, trust);
  }
  return line;
}

/** Each point's value on its own line. */
function drawn(x: readonly number[], y: readonly number[], trust: readonly number[]): number[] {
  const taken = Math.max(2, Math.min(x.length, Math.floor(SPAN * x.length + 1e-9)));
  return y.map((own, k) => {
    const here = x[k] as number;
    const away = x.map((place) => Math.abs(place - here));
    const reach = [...away].sort((a, b) => a - b)[taken - 1] ?? 0;
    const weights = away.map((distance, m) => {
      if (distance > FARTHEST * reach) return 0;
      return (trust[m] as number) * (distance <= AT_ONCE * reach ? 1 : (1 - (distance / reach) ** 3) ** 3);
    });
    const all = sum(weights);
    if (all === 0) return own;
    const middle = sum(weights.map((weight, m) => weight * (x[m] as number))) / all;
    const height = sum(weights.map((weight, m) => weight * (y[m] as number))) / all;
    const spread = sum(weights.map((weight, m) => weight * ((x[m] as number) - middle) ** 2)) / all;
    const extent = (x.at(-1) as number) - (x[0] as number);
    // Points that lie all but on one place have no slope.
    if (Math.sqrt(spread) <= AT_ONCE * extent) return height;
    const rise = sum(weights.map((weight, m) => weight * ((x[m] as number) - middle) * (y[m] as number))) / all;
    return height + (rise / spread) * (here - middle);
  });
}

const sum = (values: readonly number[]): number => values.reduce((total, value) => total + value, 0);

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const half = Math.floor(sorted.length / 2);
  return ((sorted[half] ?? 0) + (sorted[sorted.length - half - 1] ?? 0)) / 2;
}
