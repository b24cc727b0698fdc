import { eq } from "drizzle-orm";
import { type ActivityContent, checkLesson, isWordList, taughtGpcs, taughtOf } from "../../core/index.ts";
import type { SessionId } from "../../schemas/ids.ts";
import type { AddWordsInput } from "../../schemas/sessions.ts";
import type { Queryable } from "../db/database.ts";
import { sessions } from "../db/schema.ts";
import { groupScope } from "../groups/group-scope.ts";
import { getGroup } from "../groups/groups.ts";
import { AppError, notFound } from "../http/errors.ts";
import { faultText } from "../plans/fault-text.ts";
import type { RunActivity } from "../plans/lesson-types.ts";
import { addSessionWords, getSession } from "./sessions.ts";
import { type TeachActivity, teachActivity } from "./teach-page.ts";

const MOST_ITEMS = 80;

/**
 * Puts words at the end of an activity that is being taught; each is checked against what the group has been taught.
 * What was marked before stays where it is.
 *
 * @returns the activity as it is now
 * @throws AppError "not-found", "invalid" with the words at fault
 */
export async function addWords(db: Queryable, sessionId: SessionId, input: AddWordsInput): Promise<TeachActivity> {
  const session = await getSession(db, sessionId);
  const old = session.run.activities.find(({ id }) => id === input.activityId);
  if (!old) throw notFound("activity of this lesson");
  if (old.targets.length + input.words.length > MOST_ITEMS)
    throw new AppError("invalid", `An activity has at most ${MOST_ITEMS} words.`, [
      { field: "words", message: "finish this one and go on" },
    ]);
  const content = withWords(old.content, input.words);
  const scope = await groupScope(db, await getGroup(db, session.groupId));
  const { never, allowLists } = scope.school;
  // Each by itself: at the end of a chain they are no steps of it.
  const alone: ActivityContent = {
    kind: old.content.kind === "irregular-words" ? "irregular-words" : "word-list",
    words: input.words,
  };
  // A nonsense word may be said again; a new one would be a substitution of the keys.
  const isAgain = input.words.every((word) => session.words.includes(word));
  const added = { id: old.id, content: alone, heldBack: false, ...(isAgain && { teacherMade: {} }) };
  const faults = checkLesson([added], { taught: taughtOf(scope), never, allowLists });
  if (faults.length > 0) {
    const said = faults.map(faultText).join("; ");
    throw new AppError("invalid", `Not now: ${said}.`, [{ field: "words", message: said }]);
  }
  const activity: RunActivity = {
    ...old,
    content,
    targets: [...old.targets, ...input.words.map((_, k) => session.words.length + k)],
  };
  await addSessionWords(db, sessionId, input.words, session.words.length);
  await db
    .update(sessions)
    .set({
      run: {
        ...session.run,
        activities: session.run.activities.map((one) => (one.id === old.id ? activity : one)),
      },
      updatedAt: new Date(),
    })
    .where(eq(sessions.id, sessionId));
  return teachActivity(activity, { school: scope.school, taught: taughtGpcs(scope), rows: [] });
}

function withWords(content: ActivityContent, words: readonly string[]): ActivityContent {
  if (!isWordList(content))
    throw new AppError("invalid", "Words cannot be put into this activity one by one.", [
      { field: "activityId", message: "go to a list, a chain or a family first" },
    ]);
  return { ...content, words: [...content.words, ...words] };
}
