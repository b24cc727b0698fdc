import { ACTIVITY_KINDS, type ActivityKind } from "./activity-kinds.ts";
import { PLANNED_KINDS, type PlannedKind } from "./planned-kinds.ts";

/** A held-back list goes in before anything but the three things a lesson is about. */
const HELD_BACK_PRIORITY = 3.5;

/** What goes in first when a lesson is filled again: 1 before 2. @returns 1 for what goes in first, then 2 and on */
export const priorityOf = (kind: ActivityKind, heldBack: boolean): number =>
  heldBack ? HELD_BACK_PRIORITY : ACTIVITY_KINDS[kind].priority;

/** An activity of a lesson, as far as its time matters. */
export interface TimedActivity {
  readonly id: string;
  readonly kind: PlannedKind;
  /** Minutes planned. */
  readonly minutes: number;
  readonly ifTime: boolean;
  readonly heldBack: boolean;
}

/**
 * What to drop from a lesson that is too long: one activity where one is enough, the least needed first; otherwise as
 * many as it takes. Words held back are not dropped, nor what is only there if there is time.
 *
 * @param minutes what the lesson may last, in minutes
 *
 * @returns ids in the order in which to drop them; empty when it fits
 */
export function whatToDrop(activities: readonly TimedActivity[], minutes: number): string[] {
  const priority = ({ kind }: TimedActivity) => PLANNED_KINDS[kind].priority;
  const main = activities.filter(({ ifTime }) => !ifTime);
  const over = main.reduce((sum, one) => sum + one.minutes, 0) - minutes;
  if (over <= 0) return [];
  const loose = main.filter(({ heldBack }) => !heldBack).sort((a, b) => priority(b) - priority(a));
  const one = loose.find((activity) => activity.minutes >= over);
  const dropped: string[] = [];
  let saved = 0;
  for (const activity of loose) {
    if (saved >= over) break;
    dropped.push(activity.id);
    saved += activity.minutes;
  }
  // One later in the order is better than three before it, but not the chain itself.
  return one && dropped.length > 1 && priority(one) > ACTIVITY_KINDS["new-sound"].priority ? [one.id] : dropped;
}
