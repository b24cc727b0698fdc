import { isPattern, type SubstitutionRow } from "../../core/light.ts";
import type { LearnerId } from "../../schemas/ids.ts";
import type { Queryable } from "../db/database.ts";
import { rowsByLearner } from "../evidence/evidence.ts";
import { listSequences } from "../school/sequences.ts";
import { listSessions, type Session } from "../sessions/sessions.ts";
import { type Group, listGroups } from "./groups.ts";

/** One group on Today: where it stands, what happened last, what most needs a look. */
export interface TodayCard {
  readonly group: Group;
  readonly last: Pick<Session, "id" | "title" | "startedAt" | "endedAt"> | undefined;
  /** The most telling substitution of each learner, at most three in all. */
  readonly substitutions: readonly {
    readonly learner: string;
    readonly learnerId: LearnerId;
    readonly grapheme: string;
    /** Phonemes; empty: left out. */
    readonly said: readonly string[];
    readonly times: number;
    readonly chances: number;
  }[];
}

const SUBSTITUTIONS_SHOWN = 3;

function topSubstitution(rows: readonly SubstitutionRow[]) {
  const row = rows.find(isPattern);
  const top = row?.substitutions[0];
  return row && top
    ? { grapheme: row.grapheme, said: top.said, times: top.count, chances: row.chances, low: row.interval.low }
    : undefined;
}

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
      const substitutions = [];
      const rows = await rowsByLearner(db, { groupId: group.id }, "read");
      for (const learner of group.learners) {
        const substitution = topSubstitution(rows.get(learner.id) ?? []);
        if (substitution) substitutions.push({ ...substitution, learner: learner.nickname, learnerId: learner.id });
      }
      substitutions.sort((a, b) => b.low - a.low);
      return {
        group,
        last: last && { id: last.id, title: last.title, startedAt: last.startedAt, endedAt: last.endedAt },
        substitutions: substitutions.slice(0, SUBSTITUTIONS_SHOWN).map(({ low: _, ...substitution }) => substitution),
      };
    }),
  );
}
