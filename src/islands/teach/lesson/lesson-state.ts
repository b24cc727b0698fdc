import { shuffled } from "../../../core/light.ts";
import type { Place } from "../../../server/sessions/sessions.ts";
import type { TeachActivity, TeachItem } from "../../../server/sessions/teach-page.ts";

/** Where a lesson stands on this screen: what of it is kept, and the activities as they are now. */
export interface LessonState {
  readonly activities: readonly TeachActivity[];
  readonly activity: number;
  /** Index in the order in which the activity's items are gone through. */
  readonly item: number;
  readonly stage: number;
  readonly orders: Readonly<Record<string, readonly number[]>>;
  /** Ids of activities left out on the spot. */
  readonly skipped: readonly string[];
}

export type LessonAction =
  | { readonly type: "stage"; readonly stage: number }
  | { readonly type: "item"; readonly item: number }
  | { readonly type: "activity"; readonly activity: number; readonly last?: boolean }
  | { readonly type: "next" }
  | { readonly type: "back" }
  | { readonly type: "shuffle"; readonly random: () => number }
  | { readonly type: "drop-item" }
  | { readonly type: "skip"; readonly ids: readonly string[] }
  | { readonly type: "bring-back"; readonly id: string }
  /** The lesson goes on from a place that was saved. */
  | { readonly type: "restore-place"; readonly place: Place }
  /** The activity has new items at its end; they come next, or last. */
  | { readonly type: "activity-grown"; readonly activity: TeachActivity; readonly comes: "next" | "last" };

/** The lesson at the place where it was left. */
export function startingLesson(activities: readonly TeachActivity[], place: Place): LessonState {
  const activity = Math.min(place.activity, activities.length - 1);
  const state = { activities, activity, item: 0, stage: place.stage, orders: place.orders, skipped: place.skipped };
  return { ...state, item: Math.max(0, Math.min(place.item, orderOf(state).length - 1)) };
}

/** The items of an activity in the order in which they are gone through. */
export function orderOf({ activities, activity, orders }: Pick<LessonState, "activities" | "activity" | "orders">) {
  const here = activities[activity];
  return here ? (orders[here.id] ?? here.items.map((_, k) => k)) : [];
}

/** The activity the lesson stands at; undefined only for a lesson without activities. */
export const currentActivity = ({ activities, activity }: LessonState): TeachActivity | undefined =>
  activities[activity];

/** The items of the current activity in the order in which they are gone through. */
export const itemsInOrder = (lesson: LessonState): TeachItem[] =>
  orderOf(lesson).flatMap((k) => currentActivity(lesson)?.items[k] ?? []);

/** Names the current item, the same after a shuffle: what belongs to one item is kept under it. */
export const itemKeyOf = (lesson: LessonState): string =>
  `${currentActivity(lesson)?.id} ${orderOf(lesson)[lesson.item]}`;

/** The activity that comes after this one, or before it, without what is left out; undefined at the end. */
export function otherActivity({ activities, activity, skipped }: LessonState, by: 1 | -1): number | undefined {
  for (let k = activity + by; k >= 0 && k < activities.length; k += by)
    if (!skipped.includes((activities[k] as TeachActivity).id)) return k;
  return undefined;
}

/** The lesson after an action; its place never lies outside its activities and items. */
export function lessonReducer(state: LessonState, action: LessonAction): LessonState {
  const { activities, activity, item, orders, skipped } = state;
  const order = orderOf(state);
  const here = activities[activity] as TeachActivity;
  const atItem = (index: number): LessonState => ({ ...state, item: index, stage: 0 });
  const withOrder = (next: readonly number[]) => ({ ...state, orders: { ...orders, [here.id]: next } });
  switch (action.type) {
    case "stage":
      return { ...state, stage: Math.max(0, action.stage) };
    case "item":
      return action.item >= 0 && action.item < order.length ? atItem(action.item) : state;
    case "activity": {
      const next = { ...state, activity: action.activity, item: 0, stage: 0 };
      if (!activities[action.activity]) return state;
      return action.last ? { ...next, item: Math.max(0, orderOf(next).length - 1) } : next;
    }
    case "next": {
      if (item < order.length - 1) return atItem(item + 1);
      const next = otherActivity(state, 1);
      return next === undefined ? state : lessonReducer(state, { type: "activity", activity: next });
    }
    case "back": {
      if (item > 0) return atItem(item - 1);
      const before = otherActivity(state, -1);
      return before === undefined ? state : lessonReducer(state, { type: "activity", activity: before, last: true });
    }
    case "shuffle": {
      // What has been gone through stays in its place.
      const rest = shuffled(order.slice(item + 1), action.random);
      return withOrder([...order.slice(0, item + 1), ...rest]);
    }
    case "drop-item": {
      if (order.length < 2) return state;
      const next = order.filter((_, k) => k !== item);
      return { ...withOrder(next), item: Math.min(item, next.length - 1), stage: 0 };
    }
    case "skip": {
      const next = { ...state, skipped: [...new Set([...skipped, ...action.ids])] };
      if (!action.ids.includes(here.id)) return next;
      const to = otherActivity(next, 1) ?? otherActivity(next, -1);
      return to === undefined ? state : lessonReducer(next, { type: "activity", activity: to });
    }
    case "bring-back":
      return { ...state, skipped: skipped.filter((id) => id !== action.id) };
    case "restore-place":
      return startingLesson(activities, action.place);
    case "activity-grown": {
      const at = activities.findIndex(({ id }) => id === action.activity.id);
      const old = activities[at];
      if (!old) return state;
      const added = action.activity.items.slice(old.items.length).map((_, k) => old.items.length + k);
      const was = orders[old.id] ?? old.items.map((_, k) => k);
      // Into another activity than the one on the screen there is no "next".
      const cut = action.comes === "next" && at === activity ? item + 1 : was.length;
      return {
        ...state,
        // Its title stands: where it has none of its own, the page gave it the name of its kind.
        activities: activities.map((one, k) => (k === at ? { ...action.activity, title: one.title } : one)),
        orders: { ...orders, [old.id]: [...was.slice(0, cut), ...added, ...was.slice(cut)] },
      };
    }
  }
}
