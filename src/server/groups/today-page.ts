import type { Queryable } from "../db/database.ts";
import { type GroupProposal, proposalsFor } from "../evidence/proposals.ts";
import { listSequences } from "../school/sequences.ts";
import { type LessonLine, listLessons } from "../sessions/sessions.ts";
import { type Group, listGroups } from "./groups.ts";

/** One group on Today: where it stands, what happened last, what most needs a look. */
export interface TodayCard {
  readonly group: Group;
  readonly last: LessonLine | undefined;
  /** What to work on next, best first. */
  readonly proposals: readonly GroupProposal[];
}

const PROPOSALS_SHOWN = 3;

/** What Today shows of an order of teaching: its steps by name. */
export interface SequenceChoice {
  readonly id: string;
  readonly name: string;
  readonly steps: readonly string[];
}

/** The orders a group can be put in. */
export async function sequenceChoices(db: Queryable): Promise<SequenceChoice[]> {
  return (await listSequences(db)).map(({ id, name, steps }) => ({ id, name, steps: steps.map((step) => step.name) }));
}

/** One card a group for the start screen. */
export async function todayCards(db: Queryable): Promise<TodayCard[]> {
  const groups = await listGroups(db);
  return Promise.all(
    groups.map(async (group) => {
      const [last] = await listLessons(db, group.id, 1);
      return {
        group,
        last,
        proposals: (await proposalsFor(db, group)).slice(0, PROPOSALS_SHOWN),
      };
    }),
  );
}
