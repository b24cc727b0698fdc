import type { EasilyTaken } from "./easily-taken.ts";

/** What one learner takes for something else. */
export interface LearnerNeed extends EasilyTaken {
  /** How often, from 0 to 1. */
  readonly share: number;
}

/** A learner as they are grouped by. */
export interface LearnerToGroup {
  readonly id: string;
  /** The group they are in now. */
  readonly groupId: string;
  /** How many correspondences they have been taught: where they stand, whatever the order. */
  readonly place: number;
  readonly needs: readonly LearnerNeed[];
}

/** A need that several of a group have. */
export interface SharedNeed extends EasilyTaken {
  readonly learnerIds: readonly string[];
}

/** What a learner has in a group that they would not have in the one they are in, and the other way round. */
export interface GainAndLoss {
  readonly learnerId: string;
  /** Needs that others here share, and nobody where they are now. */
  readonly gains: readonly EasilyTaken[];
  /** Needs that others share where they are now, and nobody here. */
  readonly loses: readonly EasilyTaken[];
  /** Correspondences that the group's lessons are below what this learner has been taught; 0 for who has been taught least. */
  readonly ahead: number;
}

/** Everything that is said of a group, proposed or made by hand. */
export interface GroupFigures {
  /** Needs of two or more, those of most first. */
  readonly shared: readonly SharedNeed[];
  /** Correspondences taught to who has been taught least, and most. */
  readonly places: { readonly least: number; readonly most: number };
  readonly learners: readonly GainAndLoss[];
}

/** Sizes that a group may have. */
export interface GroupSizes {
  readonly smallest: number;
  readonly largest: number;
}

/** Two to six: common practice, no source. */
export const GROUP_SIZES: GroupSizes = { smallest: 2, largest: 6 };

/** A need by its name: what, and what for it. */
export const nameOfNeed = ({ gpc, said }: EasilyTaken): string => `${gpc}>${said.join("+")}`;

/** What is said of a group as it stands: also of one that a teacher has changed. @param everybody all who are grouped */
export function groupFigures(memberIds: readonly string[], everybody: readonly LearnerToGroup[]): GroupFigures {
  const ids = new Set(memberIds);
  const members = everybody.filter(({ id }) => ids.has(id));
  const places = members.map(({ place }) => place);
  const least = places.length > 0 ? Math.min(...places) : 0;
  return {
    shared: sharedNeeds(members),
    places: { least, most: places.length > 0 ? Math.max(...places) : 0 },
    learners: members.map((member) => {
      const now = everybody.filter(({ groupId }) => groupId === member.groupId);
      const has = (group: readonly LearnerToGroup[]) =>
        new Set(
          sharedNeeds(group)
            .filter(({ learnerIds }) => learnerIds.includes(member.id))
            .map(nameOfNeed),
        );
      const [here, there] = [has(members), has(now)];
      const only = (one: ReadonlySet<string>, other: ReadonlySet<string>) =>
        member.needs
          .filter((need) => one.has(nameOfNeed(need)) && !other.has(nameOfNeed(need)))
          .map(({ gpc, said }) => ({ gpc, said }));
      return {
        learnerId: member.id,
        gains: only(here, there),
        loses: only(there, here),
        ahead: member.place - least,
      };
    }),
  };
}

function sharedNeeds(members: readonly LearnerToGroup[]): SharedNeed[] {
  const by = new Map<string, { gpc: string; said: readonly string[]; learnerIds: string[] }>();
  for (const { id, needs } of members)
    for (const need of needs) {
      const known = by.get(nameOfNeed(need)) ?? { gpc: need.gpc, said: need.said, learnerIds: [] };
      by.set(nameOfNeed(need), known);
      known.learnerIds.push(id);
    }
  return [...by.values()]
    .filter(({ learnerIds }) => learnerIds.length > 1)
    .sort((a, b) => b.learnerIds.length - a.learnerIds.length);
}
