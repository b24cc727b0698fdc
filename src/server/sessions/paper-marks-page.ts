import {
  isCard,
  isOralName,
  isSentenceName,
  type PlannedKind,
  partsOfGpcId,
  type ResponseMode,
  sentenceOfName,
  wordOfOralName,
} from "../../core/index.ts";
import type { SessionId } from "../../schemas/ids.ts";
import type { Queryable } from "../db/database.ts";
import { type StoredResponse, sessionResponses } from "../evidence/responses.ts";
import { type Group, getGroup } from "../groups/groups.ts";
import { getSchool } from "../school/school.ts";
import { wordsOfActivity } from "./lesson-run.ts";
import { getSession } from "./sessions.ts";

/** A column of the grid: what is answered to. */
export interface PaperItem {
  /** Its number in the session. */
  readonly index: number;
  /** As the session names it: a word, a GPC id, the name of an ears-only item. */
  readonly target: string;
  /** As it stands over its column. */
  readonly shown: string;
  readonly mode: ResponseMode;
}

/** Learners and what they answered to, as on a record sheet. */
export interface PaperMarksPage {
  readonly session: { readonly id: SessionId; readonly title: string; readonly endedAt: string | null };
  readonly group: Group;
  readonly activities: readonly {
    readonly id: string;
    readonly kind: PlannedKind;
    readonly title: string;
    readonly items: readonly PaperItem[];
  }[];
  readonly responses: readonly StoredResponse[];
}

/** @throws AppError "not-found", "unreadable" */
export async function paperMarksPage(db: Queryable, sessionId: SessionId): Promise<PaperMarksPage> {
  const session = await getSession(db, sessionId);
  const whole = await getGroup(db, session.groupId);
  const alone = session.run.learnerId;
  const { accent } = await getSchool(db);
  const activities = session.run.activities.map((activity) => ({
    id: activity.id,
    kind: activity.kind,
    title: activity.title,
    items: wordsOfActivity(activity, accent).flatMap(({ index, target, reading }): PaperItem[] =>
      index === null || !target || !reading
        ? []
        : [{ index, target: target.name, shown: shownAs(target.name), mode: target.mode }],
    ),
  }));
  return {
    session: { id: session.id, title: session.title, endedAt: session.endedAt },
    group: alone === undefined ? whole : { ...whole, learners: whole.learners.filter(({ id }) => id === alone) },
    activities: activities.filter(({ items }) => items.length > 0),
    responses: await sessionResponses(db, sessionId),
  };
}

function shownAs(target: string): string {
  if (isOralName(target)) return wordOfOralName(target);
  if (isSentenceName(target)) return sentenceOfName(target);
  return isCard(target) ? partsOfGpcId(target).grapheme : target;
}
