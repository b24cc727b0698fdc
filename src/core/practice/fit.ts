import type { ActivityKind } from "./activity.ts";
import type { PlannedKind } from "./pace.ts";

/** What is given up first when there is not enough time; kinds that are not named come between. */
const GIVEN_UP_FIRST: readonly (ActivityKind | PlannedKind)[] = [
  "real-or-nonsense",
  "family-walk",
  "hear-and-spell",
  "find-it",
  "right-or-not",
  "fill-the-gap",
  "free",
  "text",
  "irregular-words",
  "dictation",
  "pairs",
  "sort",
  "family",
  "blending",
  "build-chain",
  "ears-only",
  "sound-cards",
  "new-sound",
  "word-list",
  "chain",
  "read-chain",
];

/** A held-back list goes in before anything but the three things a lesson is about. */
const HELD_BACK_PRIORITY = 3.5;

/** What goes in first when a lesson is filled again: the opposite of what is given up first. */
export const priorityOf = (kind: ActivityKind, heldBack: boolean): number =>
  heldBack ? HELD_BACK_PRIORITY : GIVEN_UP_FIRST.length - GIVEN_UP_FIRST.indexOf(kind);

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
 * @returns ids in the order in which to drop them; empty when it fits
 */
export function whatToDrop(activities: readonly TimedActivity[], minutes: number): string[] {
  const rank = ({ kind }: TimedActivity) => GIVEN_UP_FIRST.indexOf(kind);
  const main = activities.filter(({ ifTime }) => !ifTime);
  const over = main.reduce((sum, one) => sum + one.minutes, 0) - minutes;
  if (over <= 0) return [];
  const loose = main.filter(({ heldBack }) => !heldBack).sort((a, b) => rank(a) - rank(b));
  const one = loose.find((activity) => activity.minutes >= over);
  const dropped: string[] = [];
  let saved = 0;
  for (const activity of loose) {
    if (saved >= over) break;
    dropped.push(activity.id);
    saved += activity.minutes;
  }
  // One later in the order is better than three before it, but not the chain itself.
  return one && dropped.length > 1 && rank(one) < GIVEN_UP_FIRST.indexOf("new-sound") ? [one.id] : dropped;
}
