import type { GroupingPage } from "../../server/groups/grouping.ts";
import type { Group } from "../../server/groups/groups.ts";

/** One group as it is arranged on the screen: one that there is, or a new one. */
export interface Part {
  /** Of the screen alone. */
  readonly key: string;
  /** The group it goes on in; undefined for a new one. */
  readonly groupId: string | undefined;
  readonly name: string;
  readonly sequenceId: string;
  readonly step: number;
  readonly learnerIds: readonly string[];
}

/**
 * The proposed groups as parts: each goes on in the group that most of it come from, as long as that is not taken, and
 * is new else. A new one stands where whoever of it has been taught least stands.
 */
export function partsOf({ groups, learners, proposed }: GroupingPage): Part[] {
  const taken = new Set<string>();
  const of = new Map(learners.map((one) => [one.id, one]));
  const parts = proposed.map((learnerIds, k): Part => {
    const from = learnerIds.flatMap((id) => of.get(id)?.groupId ?? []);
    const counts = groups.map((group) => ({ group, count: from.filter((id) => id === group.id).length }));
    const [most] = counts
      .filter(({ group, count }) => count > 0 && !taken.has(group.id))
      .sort((a, b) => b.count - a.count);
    if (most) {
      taken.add(most.group.id);
      return { key: most.group.id, groupId: most.group.id, ...placeOf(most.group), learnerIds };
    }
    const lowest = [...learnerIds].sort((a, b) => (of.get(a)?.place ?? 0) - (of.get(b)?.place ?? 0))[0];
    const group = groups.find(({ id }) => id === of.get(lowest ?? "")?.groupId) as Group;
    return { key: `new ${k}`, groupId: undefined, ...placeOf(group), name: `New group ${k + 1}`, learnerIds };
  });
  const empty = groups.filter(({ id }) => !taken.has(id));
  return [...parts, ...empty.map((group) => ({ key: group.id, groupId: group.id, ...placeOf(group), learnerIds: [] }))];
}

const placeOf = ({ name, sequenceId, step }: Group) => ({ name, sequenceId, step });

/** Everybody where they are now. */
export const asTheyAre = ({ groups, learners }: GroupingPage): Part[] =>
  groups.map((group) => ({
    key: group.id,
    groupId: group.id,
    ...placeOf(group),
    learnerIds: learners.filter(({ groupId }) => groupId === group.id).map(({ id }) => id),
  }));

/** With a learner in another part. @param to key of the part */
export const moved = (parts: readonly Part[], learnerId: string, to: string): Part[] =>
  parts.map((part) => ({
    ...part,
    learnerIds: [...part.learnerIds.filter((id) => id !== learnerId), ...(part.key === to ? [learnerId] : [])],
  }));

/** How many learners are in another group than they are in now. */
export const countMoved = (parts: readonly Part[], { learners }: Pick<GroupingPage, "learners">): number =>
  parts.reduce(
    (sum, { groupId, learnerIds }) =>
      sum + learnerIds.filter((id) => learners.find((one) => one.id === id)?.groupId !== groupId).length,
    0,
  );
