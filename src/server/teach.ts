import {
  BLENDING_WAYS,
  describeChain,
  likelySounds,
  type PracticeSettings,
  type Segmentation,
  type StepCheck,
  SUPPORTS,
  syllablesOf,
} from "../core/index.ts";
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
  /** Unit indices of each part of a longer word: syllables, endings. */
  readonly parts: readonly (readonly number[])[];
  /** For each unit, the sounds most likely said instead, likeliest first. */
  readonly likely: readonly (readonly string[])[];
}

/** A lesson ready to run: nothing in it needs the word list. */
export interface TeachPage {
  readonly session: Session;
  readonly group: Group;
  readonly words: readonly TeachWord[];
  readonly responses: readonly StoredResponse[];
  /** How this school works a word. */
  readonly practice: PracticeSettings;
}

/** How words are worked, as an address says it; what it does not say, or says wrongly, is the school's. */
export function wayOf(search: URLSearchParams): Partial<PracticeSettings> {
  const support = SUPPORTS.find((id) => id === search.get("support"));
  const blending = BLENDING_WAYS.find((id) => id === search.get("blending"));
  return { ...(support && { support }), ...(blending && { blending }) };
}

/** @throws AppError "not-found" */
export async function teachPage(
  db: Queryable,
  sessionId: string,
  way: Partial<PracticeSettings> = {},
): Promise<TeachPage> {
  const session = await getSession(db, sessionId);
  const school = await getSchool(db);
  const report = describeChain(session.words, { ...session.aim, accent: school.accent });
  const words = report.readings.flatMap((reading, k): TeachWord[] =>
    reading
      ? [
          {
            word: reading.word,
            reading,
            step: report.steps[k - 1],
            parts: syllablesOf(reading).map(({ units }) => units),
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
    practice: { ...school.practice, ...way },
  };
}
