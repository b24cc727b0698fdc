import type { PositionPlan } from "./request.ts";

/** Positions as they are numbered in the word graph: before the vowel, the vowel, after it. */
const [INITIAL, MEDIAL, FINAL] = [0, 1, 2] as const;

/** Where changes may fall, as a small machine: a state for what has happened so far, and where it may go. */
export interface PositionRule {
  readonly states: number;
  readonly start: number;
  /** The state after a change at a position; -1 when it may not fall there. */
  next(state: number, position: number): number;
  /** May the chain end in this state? */
  accepts(state: number): boolean;
}

/** Phases of "beginnings, then endings, then middles". */
const PHASES: readonly number[] = [INITIAL, FINAL, MEDIAL];
/** Runs longer than this are not counted on: no chain of 30 words cares. */
const LONGEST_COUNTED = 29;

/**
 * The rule of a request.
 *
 * @param steps number of changes in the chain, the length less one
 */
export function positionRule(plan: PositionPlan, longestRun: number | undefined, steps: number): PositionRule {
  const run = plan === "alternate" ? 1 : Math.min(longestRun ?? LONGEST_COUNTED, LONGEST_COUNTED);
  const limited = run < steps;
  if (!limited && plan !== "beginnings-endings-middles") return unlimited(plan);
  // A state is the place of the last change and how often in a row it fell there; the last one is "none yet".
  const counted = limited ? run : 1;
  const none = 3 * counted;
  const placeOf = (state: number) => Math.floor(state / counted);
  return {
    states: none + 1,
    start: none,
    next(state, position) {
      if (!fits(plan, state === none ? undefined : placeOf(state), position)) return -1;
      if (state === none || placeOf(state) !== position) return position * counted;
      if (!limited) return state;
      return (state % counted) + 1 < counted ? state + 1 : -1;
    },
    accepts: (state) =>
      plan !== "beginnings-endings-middles" || steps < PHASES.length || (state !== none && placeOf(state) === MEDIAL),
  };
}

function unlimited(plan: PositionPlan): PositionRule {
  return {
    states: 1,
    start: 0,
    next: (_, position) => (fits(plan, undefined, position) ? 0 : -1),
    accepts: () => true,
  };
}

/** May a change fall here, after one that fell there? */
function fits(plan: PositionPlan, last: number | undefined, position: number): boolean {
  switch (plan) {
    case "any":
      return true;
    case "alternate":
      return last !== position;
    case "hold-the-vowel":
      return position !== MEDIAL;
    case "only-the-vowel":
      return position === MEDIAL;
    case "beginnings-endings-middles": {
      if (last === undefined) return position === INITIAL;
      const from = PHASES.indexOf(last);
      const to = PHASES.indexOf(position);
      return to === from || to === from + 1;
    }
  }
}
