import { isPattern } from "../../core/light.ts";
import type { LearnerId } from "../../schemas/ids.ts";
import type { Queryable } from "../db/database.ts";
import { tableOf } from "../evidence/evidence.ts";
import { type EvidenceResponse, evidenceResponses } from "../evidence/responses.ts";
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

function topSubstitution(records: readonly EvidenceResponse[]) {
  const row = tableOf(records, "read").find(isPattern);
  const said = row?.substitutions[0];
  return row && said
    ? {
        grapheme: row.grapheme,
        said: said.said,
        times: said.responses.length,
        chances: row.chances.length,
        low: row.interval.low,
      }
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
      // Read once for the whole group: a question a learner would take thirty times as long.
      const byLearner = new Map<LearnerId, EvidenceResponse[]>(group.learners.map(({ id }) => [id, []]));
      for (const record of await evidenceResponses(db, { groupId: group.id }))
        byLearner.get(record.learnerId)?.push(record);
      for (const learner of group.learners) {
        const substitution = topSubstitution(byLearner.get(learner.id) ?? []);
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
