import { turnOrder, unitKey } from "../../../core/light.ts";
import type { TeachItem, TeachPage } from "../../../server/sessions/teach-page.ts";
import { currentActivity, itemsInOrder, type LessonState } from "./lesson-state.ts";
import type { Marks } from "./marks.ts";
import { isSameTurn, placeInText } from "./reading.ts";

/** Whose turn each item of an activity is, as dealt when the activity began. */
export interface DealtTurns {
  readonly activityId: string;
  /** A learner's id for each item in the order in which they are gone through; empty without learners. */
  readonly order: readonly string[];
}

/** A turn given by hand: it holds for one item of one activity; in a text that is read aloud, for its line. */
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
  // A line that was read is one turn, however many of its words were marked.
  const inTexts = new Set(
    lesson.activities.flatMap(({ items }) => items.flatMap((item) => (placeInText(item) ? (item.index ?? []) : []))),
  );
  for (const { learnerId, wordIndex } of marks.values())
    if (!inTexts.has(wordIndex)) turnsHad.set(learnerId, (turnsHad.get(learnerId) ?? 0) + 1);
  const items = itemsInOrder(lesson);
  const turns: TeachItem[][] = [];
  for (const [k, item] of items.entries())
    if (k > 0 && isSameTurn(items, k - 1, k)) turns.at(-1)?.push(item);
    else turns.push([item]);
  const order = turnOrder(
    turns.map((turn) => turn.flatMap(({ word }) => word?.reading.units.map((unit) => unitKey(unit, accent)) ?? [])),
    group.learners.map(({ id }) => ({ id, needs: needs[id] ?? {}, turns: turnsHad.get(id) ?? 0 })),
    lesson.activity,
  );
  return {
    activityId: currentActivity(lesson)?.id ?? "",
    order: turns.flatMap((turn, k) => turn.flatMap(() => order[k] ?? [])),
  };
}
