import { ACTIVITY_KINDS, type ActivityKind } from "./activity-kinds.ts";
import type { PaceAndPriority } from "./kind-definition.ts";
import { SET_KINDS, type SetKind } from "./set-kinds.ts";

/** What can stand in a plan: an activity, a saved set, or a saved chain. */
export type PlannedKind = ActivityKind | SetKind | "chain";

/** A chain saved on the bench. */
const CHAIN: PaceAndPriority = { secondsPerItem: 25, priority: 2 };

/** How long each takes and how much it matters; the definitions of kinds say so, a set's before an activity's. */
export const PLANNED_KINDS: Readonly<Record<PlannedKind, PaceAndPriority>> = {
  ...ACTIVITY_KINDS,
  ...SET_KINDS,
  chain: CHAIN,
};
