import { turnOrder, unitKey } from "../../../core/light.ts";
import type { TeachPage } from "../../../server/sessions/teach-page.ts";
import { currentActivity, itemsInOrder, type LessonState } from "./lesson-state.ts";
import type { Marks } from "./marks.ts";

/** Whose turn each item of an activity is, as dealt when the activity began. */
export interface DealtTurns {
  readonly activityId: string;
  /** A learner's id for each item in the order in which they are gone through; empty without learners. */
  readonly order: readonly string[];
}

/** A turn given by hand: it holds for one item of one activity. */
export interface GivenTurn {
  readonly activity: number;
  readonly item: number;
  readonly learnerId: string;
}

/**
 * Deals the turns of the current activity, fairly and by need (`turnOrder`). The turns that learners have had so far
 * are counted at this moment: the order does not change while the activity is worked through.
 */
export function dealTurns(
  lesson: LessonState,
  { group, needs, accent }: Pick<TeachPage, "group" | "needs" | "accent">,
  marks: Marks,
): DealtTurns {
  const turnsHad = new Map<string, number>();
  for (const { learnerId } of marks.values()) turnsHad.set(learnerId, (turnsHad.get(learnerId) ?? 0) + 1);
  return {
    activityId: currentActivity(lesson)?.id ?? "",
    order: turnOrder(
      itemsInOrder(lesson).map(({ word }) => word?.reading.units.map((unit) => unitKey(unit, accent)) ?? []),
      group.learners.map(({ id }) => ({ id, needs: needs[id] ?? {}, turns: turnsHad.get(id) ?? 0 })),
      lesson.activity,
    ),
  };
}
