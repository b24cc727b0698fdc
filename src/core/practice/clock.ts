import { type TimedActivity, whatToDrop } from "./fit.ts";

/** How a lesson stands against its time. */
export interface ClockState {
  /** Minutes by which it would run over if the rest takes as long as planned; 0 when it fits. */
  readonly late: number;
  /** What to leave out of the rest so that it fits, in order; ids. */
  readonly drop: readonly string[];
  /** There are minutes left for what is only done if there is time; its id. */
  readonly fitsIfTime: string | undefined;
}

/** Less than this is no delay worth a word. */
const WORTH_SAYING = 1;

/**
 * Where a lesson stands: time used, and what is still to come as planned. What of the present activity is used up
 * beyond its minutes counts as time used, not as time to come.
 *
 * @param seconds used so far, by activity id
 * @param at id of the activity that is being taught
 * @param minutes what the lesson may last, in minutes
 */
export function clockState(
  activities: readonly TimedActivity[],
  minutes: number,
  seconds: Readonly<Record<string, number>>,
  at: string,
): ClockState {
  const used = Object.values(seconds).reduce((sum, one) => sum + one, 0) / 60;
  const here = activities.findIndex(({ id }) => id === at);
  const present = activities[here];
  const leftHere = present ? Math.max(0, present.minutes - (seconds[present.id] ?? 0) / 60) : 0;
  const coming = activities.slice(here + 1);
  const planned = coming.filter(({ ifTime }) => !ifTime);
  const need = planned.reduce((sum, one) => sum + one.minutes, 0);
  const left = minutes - used - leftHere;
  const late = need - left;
  const spare = coming.find((one) => one.ifTime && one.minutes <= left - need);
  return {
    late: late >= WORTH_SAYING ? late : 0,
    drop: late >= WORTH_SAYING ? whatToDrop(planned, Math.max(0, left)) : [],
    fitsIfTime: spare?.id,
  };
}
