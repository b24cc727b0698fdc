/** One thing that happened between what was asked for and what came; indices into the two rows. */
export type AlignedStep =
  /** The same, or one for another: one of each row. */
  | { readonly kind: "pair"; readonly target: number; readonly came: number; readonly cost: number }
  /** One of the target stands in several that came, one after the other: `qu` as `k`, `w`. */
  | { readonly kind: "parted"; readonly target: number; readonly came: readonly number[]; readonly cost: number }
  /** Several of the target stand in one that came: `c`, `k`, `s` as `x`. */
  | { readonly kind: "joined"; readonly target: readonly number[]; readonly came: number; readonly cost: number }
  | { readonly kind: "left-out"; readonly target: number; readonly cost: number }
  | { readonly kind: "put-in"; readonly came: number; readonly before: number; readonly cost: number }
  /** Two neighbours changed places. */
  | { readonly kind: "swapped"; readonly target: number; readonly came: number; readonly cost: number };

/** What every step costs; Infinity where there is no such step. Indices into the two rows. */
export interface AlignCosts {
  readonly pair: (target: number, came: number) => number;
  readonly leftOut: (target: number) => number;
  readonly putIn: (came: number) => number;
  /** The two from `target` on stand as the two from `came` on, the other way round. */
  readonly swapped: (target: number, came: number) => number;
  /** One of the target for `count` that came. */
  readonly parted?: (target: number, came: number, count: number) => number;
  /** `count` of the target for one that came. */
  readonly joined?: (target: number, count: number, came: number) => number;
}

export interface Alignment {
  readonly cost: number;
  readonly steps: readonly AlignedStep[];
}

/** Steps that take several of one row at once take so many at most. */
const MOST_AT_ONCE = 3;
/** Equally good alignments that are kept. */
const MOST_KEPT = 6;
const SAME = 1e-9;

/**
 * Sets what came against what was asked for, as cheaply as it can be: an edit script with costs of one's own, swapped
 * neighbours, and one for several.
 *
 * @param targets how many were asked for
 * @param came how many came
 * @returns every alignment of the lowest cost, at most 6
 */
export function alignAll(targets: number, came: number, costs: AlignCosts): Alignment[] {
  const width = came + 1;
  const best = new Float64Array((targets + 1) * width).fill(Number.POSITIVE_INFINITY);
  best[0] = 0;
  for (let i = 0; i <= targets; i++)
    for (let j = 0; j <= came; j++) {
      if (i === 0 && j === 0) continue;
      let lowest = Number.POSITIVE_INFINITY;
      for (const { di, dj, cost } of stepsInto(i, j, costs))
        lowest = Math.min(lowest, (best[(i - di) * width + j - dj] as number) + cost);
      best[i * width + j] = lowest;
    }
  const cost = best[targets * width + came] as number;
  const found: Alignment[] = [];
  const walk = (i: number, j: number, after: readonly AlignedStep[]): void => {
    if (found.length >= MOST_KEPT) return;
    if (i === 0 && j === 0) {
      found.push({ cost, steps: after });
      return;
    }
    for (const { di, dj, cost: price, step } of stepsInto(i, j, costs))
      if (Math.abs((best[(i - di) * width + j - dj] as number) + price - (best[i * width + j] as number)) < SAME)
        walk(i - di, j - dj, [step, ...after]);
  };
  if (Number.isFinite(cost)) walk(targets, came, []);
  return found;
}

interface StepInto {
  readonly di: number;
  readonly dj: number;
  readonly cost: number;
  readonly step: AlignedStep;
}

/** The steps that end with the first `i` of the target and the first `j` that came dealt with. */
function stepsInto(i: number, j: number, costs: AlignCosts): StepInto[] {
  const steps: StepInto[] = [];
  const add = (di: number, dj: number, step: AlignedStep): void => {
    if (Number.isFinite(step.cost)) steps.push({ di, dj, cost: step.cost, step });
  };
  if (i > 0 && j > 0) add(1, 1, { kind: "pair", target: i - 1, came: j - 1, cost: costs.pair(i - 1, j - 1) });
  if (i > 1 && j > 1) add(2, 2, { kind: "swapped", target: i - 2, came: j - 2, cost: costs.swapped(i - 2, j - 2) });
  for (let count = 2; count <= MOST_AT_ONCE; count++) {
    if (costs.parted && i > 0 && j >= count) {
      const cost = costs.parted(i - 1, j - count, count);
      const came = Array.from({ length: count }, (_, k) => j - count + k);
      add(1, count, { kind: "parted", target: i - 1, came, cost });
    }
    if (costs.joined && j > 0 && i >= count) {
      const cost = costs.joined(i - count, count, j - 1);
      const target = Array.from({ length: count }, (_, k) => i - count + k);
      add(count, 1, { kind: "joined", target, came: j - 1, cost });
    }
  }
  if (i > 0) add(1, 0, { kind: "left-out", target: i - 1, cost: costs.leftOut(i - 1) });
  if (j > 0) add(0, 1, { kind: "put-in", came: j - 1, before: i, cost: costs.putIn(j - 1) });
  return steps;
}
