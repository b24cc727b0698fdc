import { dequal } from "dequal";

/** One activity of a plan as it is changed by hand. */
export interface ChangedActivity {
  readonly id: string;
  readonly minutes: number;
  readonly ifTime?: boolean | undefined;
  readonly settings?: unknown;
}

/** What of a plan is changed by hand. */
export interface ChangedPlan<A extends ChangedActivity> {
  readonly minutes: number;
  readonly activities: readonly A[];
}

export type MergedPlan<A extends ChangedActivity> =
  | { readonly ok: true; readonly plan: ChangedPlan<A> }
  /** Ids of the activities that two people have changed in the same respect. */
  | { readonly ok: false; readonly conflicts: readonly string[] };

const FIELDS = ["minutes", "ifTime", "settings"] as const;

/**
 * Puts together what two people have changed in a plan since both saw it.
 *
 * What one of them added stays, what one took out is out. The order is the one of whoever moved something; where both
 * did, mine, with what is new to me at the end. What I put in or put back stands before what follows it in mine. A
 * length or a setting that both changed, each in another way, is no business of ours to decide.
 *
 * @param base the plan as I saw it
 * @param mine the plan as I have made it
 * @param theirs the plan as it is stored now
 */
export function mergePlan<A extends ChangedActivity>(
  base: ChangedPlan<ChangedActivity>,
  mine: ChangedPlan<A>,
  theirs: ChangedPlan<A>,
): MergedPlan<A> {
  const before = new Map(base.activities.map((one) => [one.id, one]));
  const now = new Map(theirs.activities.map((one) => [one.id, one]));
  const conflicts: string[] = [];
  const merged = new Map<string, A>();
  for (const one of mine.activities) {
    const old = before.get(one.id);
    const stored = now.get(one.id);
    // Taken out by them since I saw it: it stays out. What I have put back is in.
    if (old && !stored) continue;
    if (!old || !stored) {
      merged.set(one.id, one);
      continue;
    }
    const fields = FIELDS.map((field) => {
      const isMine = !dequal(one[field], old[field]);
      const isTheirs = !dequal(stored[field], old[field]);
      if (isMine && isTheirs && !dequal(one[field], stored[field])) conflicts.push(one.id);
      return [field, isMine ? one[field] : stored[field]] as const;
    });
    merged.set(one.id, { ...one, ...Object.fromEntries(fields) });
  }
  if (conflicts.length > 0) return { ok: false, conflicts: [...new Set(conflicts)] };
  const added = theirs.activities.filter(({ id }) => !before.has(id) && !merged.has(id));
  for (const one of added) merged.set(one.id, one);

  const idsOf = (activities: readonly ChangedActivity[]) =>
    activities.map(({ id }) => id).filter((id) => merged.has(id));
  const common = (ids: readonly string[]) => ids.filter((id) => before.has(id));
  const mineMoved = !dequal(common(idsOf(mine.activities)), idsOf(base.activities));
  const order = mineMoved
    ? [...new Set([...idsOf(mine.activities), ...idsOf(theirs.activities)])]
    : withPutIn(idsOf(theirs.activities), idsOf(mine.activities));
  return {
    ok: true,
    plan: {
      minutes: mine.minutes === base.minutes ? theirs.minutes : mine.minutes,
      activities: order.map((id) => merged.get(id) as A),
    },
  };
}

/** An order with what only the other has: each before what follows it there, at the end where nothing does. */
function withPutIn(order: readonly string[], other: readonly string[]): string[] {
  const all = [...order];
  // From the last to the first, so that what follows each is there already.
  for (const [k, id] of [...other.entries()].reverse()) {
    if (all.includes(id)) continue;
    const next = other[k + 1];
    all.splice(next === undefined ? all.length : all.indexOf(next), 0, id);
  }
  return all;
}
