import { describeChain, likelySounds, type Segmentation, type StepCheck } from "../core/index.ts";
import type { Queryable } from "./db/database.ts";
import { type Group, getGroup } from "./groups.ts";
import { type StoredResponse, sessionResponses } from "./responses.ts";
import { getSchool } from "./school.ts";
import { getSession, type Session } from "./sessions.ts";

export interface TeachWord {
  readonly word: string;
  readonly reading: Segmentation;
  /** The step that led here; none for the first word. */
  readonly step: StepCheck | undefined;
  /** For each unit, the sounds most likely said instead, likeliest first. */
  readonly likely: readonly (readonly string[])[];
}

/** A lesson ready to run: nothing in it needs the word list. */
export interface TeachPage {
  readonly session: Session;
  readonly group: Group;
  readonly words: readonly TeachWord[];
  readonly responses: readonly StoredResponse[];
}

/** @throws AppError "not-found" */
export async function teachPage(db: Queryable, sessionId: string): Promise<TeachPage> {
  const session = await getSession(db, sessionId);
  const report = describeChain(session.words, { ...session.aim, accent: (await getSchool(db)).accent });
  const words = report.readings.flatMap((reading, k): TeachWord[] =>
    reading
      ? [
          {
            word: reading.word,
            reading,
            step: report.steps[k - 1],
            likely: reading.units.map((_, unit) => likelySounds(reading, unit)),
          },
        ]
      : [],
  );
  return {
    session,
    group: await getGroup(db, session.groupId),
    words,
    responses: await sessionResponses(db, sessionId),
  };
}
