import { itemsOfContent } from "./activity-content.ts";
import type { ActivityContent } from "./activity-kinds.ts";
import { PLANNED_KINDS, type PlannedKind } from "./planned-kinds.ts";
import type { TurnPattern } from "./settings.ts";

/**
 * Minutes that so many words or items take, to the next half minute, at least half a minute.
 *
 * @param items how many, from 0
 * @returns minutes in halves, at least a half
 */
export function minutesFor(kind: PlannedKind, items: number, pace = 1): number {
  return Math.max(1, Math.ceil((items * PLANNED_KINDS[kind].secondsPerItem * pace) / 30)) / 2;
}

/** My turn, together, your turn takes longer than going straight to the learners. */
const WITH_MODEL = 1.5;

/**
 * Minutes of an activity.
 *
 * @param pace the group's own, 1 as above: 1.5 takes half as long again
 * @returns minutes in halves, at least a half
 */
export const minutesOfContent = (content: ActivityContent, turns: TurnPattern, pace = 1): number =>
  minutesFor(content.kind, itemsOfContent(content), turns === "my-together-your" ? pace * WITH_MODEL : pace);
