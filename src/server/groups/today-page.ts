import type { Queryable } from "../db/database.ts";
import { type GroupProposal, proposalsFor } from "../evidence/proposals.ts";
import { listSequences } from "../school/sequences.ts";
import { listSessions, type Session } from "../sessions/sessions.ts";
import { type Group, listGroups } from "./groups.ts";

/** One group on Today: where it stands, what happened last, what most needs a look. */
export interface TodayCard {
  readonly group: Group;
  readonly last: Pick<Session, "id" | "title" | "startedAt" | "endedAt"> | undefined;
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
      // A learner's own cards are not the group's last lesson.
      const last = (await listSessions(db, group.id)).find(({ run }) => run.learnerId === undefined);
      return {
        group,
        last: last && { id: last.id, title: last.title, startedAt: last.startedAt, endedAt: last.endedAt },
        proposals: (await proposalsFor(db, group)).slice(0, PROPOSALS_SHOWN),
      };
    }),
  );
}
