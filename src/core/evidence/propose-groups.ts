import { agnes, type Cluster } from "ml-hclust";
import { GROUP_SIZES, type GroupSizes, type LearnerToGroup, nameOfNeed } from "./group-figures.ts";

/** So many correspondences apart weigh as much as no need in common. Ours; common practice, no source. */
const FAR_APART = 12;
/** Farther apart than this, learners are not put together while there is another way. */
const MOST_APART = 1.4;
/** Two of whom nothing is known to be mixed up: neither near nor far. */
const NOTHING_KNOWN = 0.4;

/**
 * Groups by what learners need and where they stand, by average-linkage clustering (the package's), each of a size that
 * can be taught.
 *
 * @returns ids, in groups, those who have been taught least first; somebody whom nobody is near is alone only where every group is full
 */
export function proposeGroups(learners: readonly LearnerToGroup[], sizes: GroupSizes = GROUP_SIZES): string[][] {
  const [first] = learners;
  if (!first) return [];
  if (learners.length === 1) return [[first.id]];
  const distances = learners.map((a) => learners.map((b) => distance(a, b)));
  const tree = agnes(distances, { method: "average", isDistanceMatrix: true });
  const parts = partsOf(tree, sizes);
  const groups = parts.filter((part) => part.length >= sizes.smallest);
  for (const part of parts.filter(({ length }) => length < sizes.smallest)) {
    const apart = (group: readonly number[]) =>
      Math.min(...part.map((a) => mean(group.map((b) => distances[a]?.[b] ?? 0))));
    const [nearest] = groups
      .filter(({ length }) => length + part.length <= sizes.largest)
      .sort((a, b) => apart(a) - apart(b));
    if (nearest) nearest.push(...part);
    else groups.push([...part]);
  }
  const placeOf = (group: readonly number[]) => mean(group.map((k) => learners[k]?.place ?? 0));
  return groups
    .map((group) => group.sort((a, b) => a - b))
    .sort((a, b) => placeOf(a) - placeOf(b) || (a[0] ?? 0) - (b[0] ?? 0))
    .map((group) => group.map((k) => (learners[k] as LearnerToGroup).id));
}

const mean = (all: readonly number[]): number => all.reduce((sum, one) => sum + one, 0) / Math.max(1, all.length);

/** The tree cut where a group has a size that can be taught and nobody in it is too far from the others. */
function partsOf(cluster: Cluster, sizes: GroupSizes): number[][] {
  const isOne = cluster.isLeaf || (cluster.size <= sizes.largest && cluster.height <= MOST_APART);
  return isOne ? [cluster.indices()] : cluster.children.flatMap((child) => partsOf(child, sizes));
}

/** How little two learners belong together: by place, and by needs that only one of them has. */
function distance(a: LearnerToGroup, b: LearnerToGroup): number {
  const place = Math.abs(a.place - b.place) / FAR_APART;
  const [ofA, ofB] = [a, b].map(({ needs }) => new Map(needs.map((need) => [nameOfNeed(need), need.share]))) as [
    Map<string, number>,
    Map<string, number>,
  ];
  const all = new Set([...ofA.keys(), ...ofB.keys()]);
  if (all.size === 0) return a === b ? 0 : place + NOTHING_KNOWN;
  const sumOf = (of: (...shares: number[]) => number) =>
    [...all].reduce((sum, need) => sum + of(ofA.get(need) ?? 0, ofB.get(need) ?? 0), 0);
  // The part of all their needs that both have.
  return place + 1 - sumOf(Math.min) / sumOf(Math.max);
}
