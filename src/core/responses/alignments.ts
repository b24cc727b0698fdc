/** One step from a target to a response; indices into the two rows. */
export type AlignedStep =
  /** The same, or one for another: one of each row. */
  | { readonly kind: "pair"; readonly target: number; readonly response: number; readonly cost: number }
  /** One of the target stands as several in the response, one after the other: `qu` as `k`, `w`. */
  | {
      readonly kind: "one-to-many";
      readonly target: number;
      readonly response: readonly number[];
      readonly cost: number;
    }
  /** Several of the target stand as one in the response: `k`, `s` as `x`. */
  | {
      readonly kind: "many-to-one";
      readonly target: readonly number[];
      readonly response: number;
      readonly cost: number;
    }
  | { readonly kind: "omission"; readonly target: number; readonly cost: number }
  | { readonly kind: "insertion"; readonly response: number; readonly before: number; readonly cost: number }
  /** Two neighbours changed places. */
  | { readonly kind: "transposition"; readonly target: number; readonly response: number; readonly cost: number };

/** What every step costs; Infinity where there is no such step. Indices into the two rows. */
export interface AlignCosts {
  readonly pair: (target: number, response: number) => number;
  readonly omission: (target: number) => number;
  readonly insertion: (response: number) => number;
  /** The two from `target` on stand as the two from `response` on, the other way round. */
  readonly transposition: (target: number, response: number) => number;
  /** One of the target for `count` of the response. */
  readonly oneToMany?: (target: number, response: number, count: number) => number;
  /** `count` of the target for one of the response. */
  readonly manyToOne?: (target: number, count: number, response: number) => number;
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
 * Sets a response against a target, as cheaply as it can be: an edit script with costs of
 * one's own, neighbours that changed places, and one for several.
 *
 * @param targets how long the target is
 * @param responses how long the response is
 * @returns every alignment of the lowest cost, at most 6
 */
export function alignmentsOf(targets: number, responses: number, costs: AlignCosts): Alignment[] {
  const width = responses + 1;
  const best = new Float64Array((targets + 1) * width).fill(Number.POSITIVE_INFINITY);
  best[0] = 0;
  for (let i = 0; i <= targets; i++)
    for (let j = 0; j <= responses; j++) {
      if (i === 0 && j === 0) continue;
      let lowest = Number.POSITIVE_INFINITY;
      for (const { di, dj, cost } of stepsInto(i, j, costs))
        lowest = Math.min(lowest, (best[(i - di) * width + j - dj] as number) + cost);
      best[i * width + j] = lowest;
    }
  const cost = best[targets * width + responses] as number;
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
  if (Number.isFinite(cost)) walk(targets, responses, []);
  return found;
}

interface StepInto {
  readonly di: number;
  readonly dj: number;
  readonly cost: number;
  readonly step: AlignedStep;
}

/** The steps that end with the first `i` of the target and the first `j` of the response dealt with. */
function stepsInto(i: number, j: number, costs: AlignCosts): StepInto[] {
  const steps: StepInto[] = [];
  const add = (di: number, dj: number, step: AlignedStep): void => {
    if (Number.isFinite(step.cost)) steps.push({ di, dj, cost: step.cost, step });
  };
  if (i > 0 && j > 0) add(1, 1, { kind: "pair", target: i - 1, response: j - 1, cost: costs.pair(i - 1, j - 1) });
  if (i > 1 && j > 1)
    add(2, 2, { kind: "transposition", target: i - 2, response: j - 2, cost: costs.transposition(i - 2, j - 2) });
  for (let count = 2; count <= MOST_AT_ONCE; count++) {
    if (costs.oneToMany && i > 0 && j >= count) {
      const cost = costs.oneToMany(i - 1, j - count, count);
      const response = Array.from({ length: count }, (_, k) => j - count + k);
      add(1, count, { kind: "one-to-many", target: i - 1, response, cost });
    }
    if (costs.manyToOne && j > 0 && i >= count) {
      const cost = costs.manyToOne(i - count, count, j - 1);
      const target = Array.from({ length: count }, (_, k) => i - count + k);
      add(count, 1, { kind: "many-to-one", target, response: j - 1, cost });
    }
  }
  if (i > 0) add(1, 0, { kind: "omission", target: i - 1, cost: costs.omission(i - 1) });
  if (j > 0) add(0, 1, { kind: "insertion", response: j - 1, before: i, cost: costs.insertion(j - 1) });
  return steps;
}

/** What is left out or put in: a vowel is a syllable more or less. */
export const LEFT_OUT_COST = { consonant: 0.85, vowel: 1 } as const;
/** Two neighbours that changed places: likelier than two substitutions. */
export const TRANSPOSED_COST = 0.9;
/** The cost of a step that there is not. */
export const NO_STEP = Number.POSITIVE_INFINITY;
