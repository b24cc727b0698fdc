import { addDays } from "../statistics/add-days.ts";

/** When something counts as known: so many right of the last so many, on at least so many days. */
export interface MasteryRule {
  readonly right: number;
  readonly of: number;
  readonly days: number;
}

/** Nine of the last ten, on at least two days. Common practice, no source. */
export const DEFAULT_MASTERY: MasteryRule = { right: 9, of: 10, days: 2 };

/** Days after which what is known is looked at again: longer each time. Common practice, no source. */
const CHECK_AFTER = [7, 14, 30, 60] as const;

/** One answer, as the rule counts it. */
export interface MasteryAnswer {
  readonly right: boolean;
  /** ISO date where the school is. */
  readonly day: string;
}

/** How far something has come. */
export interface MasteryState {
  /** The last answers while it is being learnt, the oldest first. */
  readonly window: readonly MasteryAnswer[];
  /** How often it has been right when looked at again; undefined while it is being learnt. */
  readonly checks: number | undefined;
  /** Day of the answer that let it rest; empty while it is being learnt. */
  readonly since: string;
  /** It was known before. */
  readonly cameBack: boolean;
}

/** Nothing has been answered yet. */
export const NOT_BEGUN: MasteryState = { window: [], checks: undefined, since: "", cameBack: false };

/** How far it is after one more answer: known by the rule, right at a look when it is due, or back to be learnt. */
export function masteryAfter(state: MasteryState, { right, day }: MasteryAnswer, rule: MasteryRule): MasteryState {
  const answer = { right, day };
  if (state.checks !== undefined) {
    if (!right) return { window: [answer], checks: undefined, since: "", cameBack: true };
    // A right answer before it is due moves nothing: it says little so soon.
    return dueOn(state) <= day ? { ...state, checks: state.checks + 1, since: day } : state;
  }
  const window = [...state.window, answer].slice(-rule.of);
  const rights = window.filter((one) => one.right);
  const days = new Set(rights.map((one) => one.day));
  return rights.length >= rule.right && days.size >= rule.days
    ? { window, checks: 0, since: day, cameBack: false }
    : { ...state, window };
}

/** The day on which something known is looked at again. @returns an ISO date */
export function dueOn({ checks, since }: MasteryState): string {
  return addDays(since, CHECK_AFTER[Math.min(checks ?? 0, CHECK_AFTER.length - 1)] as number);
}
