import { addDays } from "../statistics/add-days.ts";

/** A day of a week's plan. */
export interface WeekDay {
  /** ISO date. */
  readonly date: string;
  /** What the lesson is about; GPC ids. */
  readonly focus: readonly string[];
  /** Sounds that come up again on this day, GPC ids, the longest due first. */
  readonly review: readonly string[];
}

export interface WeekRequest {
  /** Days on which there is a lesson, ISO dates in order. */
  readonly days: readonly string[];
  /** What could be the focus, GPC ids, most wanted first: what the records call for, then the newest. */
  readonly candidates: readonly string[];
  /** Sounds to be kept alive besides, GPC ids, those most in need first. */
  readonly known: readonly string[];
  /** By date, a focus chosen by hand. */
  readonly chosen?: Readonly<Record<string, string>>;
  /** Sounds that come up again on one day; 3 by default. */
  readonly reviewed?: number;
}

/** Lessons in a row that a focus has before the next one comes. */
const IN_A_ROW = 2;
/** Days after which a focus comes up again: longer each time. Common practice, no source. */
const COMES_AGAIN = [1, 2, 4, 7, 14] as const;
const REVIEWED = 3;

interface Due {
  readonly gpc: string;
  readonly on: string;
  readonly times: number;
}

/**
 * Spreads sounds over the lessons of a week: each focus on two lessons in a row, then again after 1, 2, 4 and 7 days;
 * where nothing is due, sounds known for longer come up in turn.
 */
export function weekPlan({ days, candidates, known, chosen = {}, reviewed = REVIEWED }: WeekRequest): WeekDay[] {
  let due: Due[] = [];
  let turn = 0;
  let row = 0;
  const old = known.filter((gpc) => !candidates.slice(0, days.length).includes(gpc));
  let oldAt = 0;
  return days.map((date) => {
    const byHand = chosen[date];
    const focus = byHand ?? candidates[turn];
    const review = due
      .filter(({ gpc, on }) => gpc !== focus && on <= date)
      .sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0))
      .slice(0, reviewed)
      .map(({ gpc }) => gpc);
    while (review.length < reviewed && oldAt < old.length) {
      const gpc = old[oldAt++] as string;
      if (gpc !== focus && !review.includes(gpc)) review.push(gpc);
    }
    const met = [...(focus === undefined ? [] : [focus]), ...review];
    due = [
      ...due.filter(({ gpc }) => !met.includes(gpc)),
      ...met.map((gpc): Due => {
        // A focus starts its spacing anew; a sound that came up again has to wait longer.
        const times = gpc === focus ? 0 : (due.find((one) => one.gpc === gpc)?.times ?? COMES_AGAIN.length - 2) + 1;
        return { gpc, times, on: addDays(date, COMES_AGAIN[Math.min(times, COMES_AGAIN.length - 1)] as number) };
      }),
    ];
    if (byHand === undefined && ++row === IN_A_ROW) {
      row = 0;
      turn = candidates.length === 0 ? 0 : (turn + 1) % candidates.length;
    }
    return { date, focus: focus === undefined ? [] : [focus], review };
  });
}
