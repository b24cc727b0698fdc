import { useMemo } from "react";
import { type AccentSettings, turnOrder, unitKey } from "../../core/light.ts";
import type { Learner } from "../../server/groups.ts";
import type { TeachItem, TeachPage } from "../../server/teach.ts";
import { type Later, useFollowed } from "../use-later.ts";
import type { Marks } from "./marks.ts";

interface On {
  readonly learners: readonly Learner[];
  readonly needs: TeachPage["needs"];
  /** The items of the activity, in the order in which they are gone through. */
  readonly items: readonly TeachItem[];
  readonly item: number;
  readonly marks: Marks;
  readonly accent: AccentSettings;
  /** Where this activity is in the lesson: another activity, another order among equals. */
  readonly seed: number;
  /** Who had the turn when the page was left. */
  readonly kept: string | null;
  readonly later: Later;
}

/** What was chosen by hand holds for one item, and for who comes next to it. */
interface Chosen {
  readonly seed: number;
  readonly item: number;
  readonly id: string | undefined;
}

/**
 * Whose turn it is: dealt out fairly and by need when an activity begins; a press gives the turn to another learner
 * for this item.
 */
export function useTurns({ learners, needs, items, item, marks, accent, seed, kept, later }: On) {
  const chosen = useFollowed<Chosen | undefined>(() => (kept === null ? undefined : { seed, item, id: kept }), later);
  // The turns had so far are looked at when the activity begins: the order does not change while it is worked through.
  // biome-ignore lint/correctness/useExhaustiveDependencies: the marks of the moment in which the activity begins
  const order = useMemo(() => {
    const had = new Map<string, number>();
    for (const { learnerId } of marks.values()) had.set(learnerId, (had.get(learnerId) ?? 0) + 1);
    return turnOrder(
      items.map(({ word }) => word?.reading.units.map((unit) => unitKey(unit, accent)) ?? []),
      learners.map(({ id }) => ({ id, needs: needs[id] ?? {}, turns: had.get(id) ?? 0 })),
      seed,
    );
  }, [seed, items.length, learners, needs, accent]);
  const turnAs = (by: Chosen | undefined) =>
    by?.seed === seed && by.item === item ? by.id : (order[item] ?? learners[0]?.id);
  return {
    /** As it is drawn. */
    turn: turnAs(chosen.drawn),
    /** As it is. */
    turnNow: () => turnAs(chosen.now()),
    give: (id: string | undefined, at = item, of = seed) => chosen.set({ seed: of, item: at, id }),
  };
}
