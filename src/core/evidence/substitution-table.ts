import { CHANGE_POSITIONS, type ChangePosition } from "../chains/moves.ts";
import { partsOfGpcId } from "../spelling/gpc-id.ts";
import { type Interval, wilsonInterval } from "../statistics/wilson.ts";
import type { UnitCount } from "./unit-counts.ts";

/** One substitution of a correspondence, and how often it was made. */
export interface SubstitutionCount {
  /** Phonemes said in its place; empty when the unit was left out. */
  readonly said: readonly string[];
  readonly count: number;
}

/** Whole numbers: how often a unit was met, and how often it was wrong. */
export interface ChanceCount {
  readonly chances: number;
  readonly wrong: number;
}

/** What became of one correspondence. */
export interface SubstitutionRow extends ChanceCount {
  readonly gpc: string;
  readonly grapheme: string;
  readonly phonemes: readonly string[];
  /** 95 % Wilson interval of the share read wrongly. */
  readonly interval: Interval;
  /** Most often said first. */
  readonly substitutions: readonly SubstitutionCount[];
  readonly byPosition: Readonly<Record<ChangePosition, ChanceCount>>;
}

interface Tally {
  chances: number;
  wrong: number;
  readonly said: Map<string, { readonly said: readonly string[]; count: number }>;
  readonly byPosition: Record<ChangePosition, { chances: number; wrong: number }>;
}

/**
 * For every correspondence met: how often it was read as something else and out of how many chances.
 *
 * @param counts of one learner or of several, in any order; those of the same unit are added up
 * @returns rows by what most needs a look: highest low end of the interval first, then most chances
 */
export function substitutionTable(counts: readonly UnitCount[]): SubstitutionRow[] {
  const tallies = new Map<string, Tally>();
  for (const { gpc, position, said, count } of counts) {
    const tally = tallies.get(gpc) ?? newTally();
    tallies.set(gpc, tally);
    for (const one of [tally, tally.byPosition[position]]) {
      one.chances += count;
      if (said) one.wrong += count;
    }
    if (!said) continue;
    const key = said.join("+");
    const known = tally.said.get(key);
    if (known) known.count += count;
    else tally.said.set(key, { said, count });
  }
  return [...tallies]
    .map(
      ([gpc, { chances, wrong, said, byPosition }]): SubstitutionRow => ({
        gpc,
        ...partsOfGpcId(gpc),
        chances,
        wrong,
        interval: wilsonInterval(wrong, chances),
        substitutions: [...said]
          .sort(([a, one], [b, other]) => other.count - one.count || (a < b ? -1 : 1))
          .map(([, substitution]) => substitution),
        byPosition,
      }),
    )
    .sort((a, b) => b.interval.low - a.interval.low || b.chances - a.chances || (a.gpc < b.gpc ? -1 : 1));
}

function newTally(): Tally {
  const byPosition = Object.fromEntries(
    CHANGE_POSITIONS.map((position) => [position, { chances: 0, wrong: 0 }]),
  ) as Tally["byPosition"];
  return { chances: 0, wrong: 0, said: new Map(), byPosition };
}
