import { randomUUID } from "node:crypto";
import { z } from "zod";
import {
  type Activity,
  type ActivityContent,
  checkLesson,
  draftLesson,
  type LessonFault,
  LONGEST_LESSON,
  minutesOfContent,
  SHORTEST_LESSON,
  taughtGpcs,
  taughtOf,
} from "../core/index.ts";
import type { Queryable } from "./db/database.ts";
import { AppError, notFound } from "./errors.ts";
import { slipsOf } from "./families-page.ts";
import { aimField, idField, wordField } from "./fields.ts";
import { getGroup } from "./groups.ts";
import { paceOf } from "./pace.ts";
import { getPlan, keepPlan, type Plan, type PlanActivity } from "./plans.ts";
import { groupScope } from "./scope.ts";
import { recentWords } from "./sessions.ts";

export const draftInput = aimField.extend({
  minutes: z
    .number()
    .int("a whole number of minutes")
    .min(SHORTEST_LESSON, `at least ${SHORTEST_LESSON} minutes`)
    .max(LONGEST_LESSON, `at most ${LONGEST_LESSON} minutes`),
  seed: z
    .number()
    .int()
    .min(0)
    .max(2 ** 31),
});

/** What a teacher changes in a drafted activity. */
export const editActivityInput = z.object({
  id: idField,
  words: z.array(wordField).min(1, "at least one word").max(40, "at most 40 words").optional(),
  sentences: z.array(z.string().trim().min(1).max(200, "a sentence has at most 200 letters")).max(10).optional(),
  keyWord: z.string().trim().max(30, "a key word has at most 30 letters").optional(),
  text: z.string().trim().max(1000, "at most 1,000 letters").optional(),
});

/**
 * Drafts the whole of the next lesson and keeps it in the place of what was drafted before; chains and sets that the
 * teacher put in stay, after it.
 *
 * @throws AppError "not-found", "invalid" when nothing has been taught
 */
export async function draftPlan(db: Queryable, groupId: string, input: z.infer<typeof draftInput>): Promise<Plan> {
  const group = await getGroup(db, groupId);
  const scope = await groupScope(db, group);
  const { never, allowNotEverySchool, practice } = scope.school;
  const old = await getPlan(db, groupId);
  const kept = old.activities.filter(({ ref }) => ref !== undefined);
  const taken = kept.reduce((sum, one) => sum + (one.ifTime ? 0 : one.minutes), 0);
  const lesson = draftLesson({
    taught: taughtOf(scope),
    taughtGpcs: taughtGpcs(scope),
    focus: input.focus,
    contrasts: input.contrasts,
    slips: await slipsOf(db, group),
    // What the teacher put in takes its part of the time.
    minutes: Math.max(SHORTEST_LESSON, input.minutes - taken),
    settings: practice,
    pace: await paceOf(db, groupId),
    recent: await recentWords(db, groupId),
    never,
    allowNotEverySchool,
    seed: input.seed,
  });
  if (!lesson.ok)
    throw new AppError("invalid", "No lesson can be drafted.", [
      {
        field: lesson.reason.code === "nothing-taught" ? "group" : "minutes",
        message:
          lesson.reason.code === "nothing-taught"
            ? "has been taught nothing yet: move it to its first step"
            : `must be from ${lesson.reason.least} to ${lesson.reason.most}`,
      },
    ]);
  const drafted = lesson.activities.map((activity): PlanActivity => toPlanActivity(activity));
  await keepPlan(db, { groupId, minutes: input.minutes, activities: [...drafted, ...kept] });
  return getPlan(db, groupId);
}

const toPlanActivity = ({ content, minutes, ifTime, heldBack, settings }: Activity): PlanActivity => ({
  id: randomUUID(),
  kind: content.kind,
  minutes,
  content,
  title: "",
  ifTime,
  heldBack,
  settings,
});

/**
 * Changes what a drafted activity is done with; every word is looked at again before anything is kept.
 * @throws AppError "not-found", "invalid" with the words at fault
 */
export async function editActivity(
  db: Queryable,
  groupId: string,
  input: z.infer<typeof editActivityInput>,
): Promise<Plan> {
  const plan = await getPlan(db, groupId);
  const old = plan.activities.find(({ id }) => id === input.id);
  if (!old?.content) throw notFound("activity of this plan");
  const content = changed(old.content, input);
  const group = await getGroup(db, groupId);
  const scope = await groupScope(db, group);
  const pace = await paceOf(db, groupId);
  const next = plan.activities.map((activity) =>
    activity.id === input.id
      ? { ...activity, content, minutes: minutesOfContent(content, activity.settings.turns, pace) }
      : activity,
  );
  const { never, allowNotEverySchool } = scope.school;
  const drafted = next.flatMap(({ id, content, heldBack }) => (content ? [{ id, content, heldBack }] : []));
  const faults = checkLesson(drafted, { taught: taughtOf(scope), never, allowNotEverySchool }).filter(
    ({ activity }) => activity === input.id,
  );
  if (faults.length > 0) {
    const said = faults.map(faultText).join("; ");
    throw new AppError("invalid", `These words cannot stand in this activity: ${said}.`, [
      { field: "words", message: said },
    ]);
  }
  await keepPlan(db, { ...plan, activities: next });
  return getPlan(db, groupId);
}

function changed(content: ActivityContent, input: z.infer<typeof editActivityInput>): ActivityContent {
  switch (content.kind) {
    case "blending":
    case "read-chain":
    case "build-chain":
    case "word-list":
    case "family-walk":
    case "irregular-words":
      return { ...content, words: input.words ?? content.words };
    case "dictation":
      return { ...content, words: input.words ?? content.words, sentences: input.sentences ?? content.sentences };
    case "new-sound":
      return { ...content, keyWord: input.keyWord ?? content.keyWord };
    case "free":
      return { ...content, text: input.text ?? content.text };
    default:
      throw new AppError("invalid", "This activity is made anew with the lesson, not word by word.", [
        { field: "id", message: "take it out, or draft the lesson anew" },
      ]);
  }
}

export function faultText(fault: LessonFault): string {
  switch (fault.code) {
    case "empty":
      return "nothing is left in it";
    case "held-back-shown":
      return `${fault.word} is kept back for the end`;
    case "not-nonsense":
      return `${fault.word} is no nonsense word`;
    case "not-learnt-whole":
      return `${fault.word} is not among the words learnt whole`;
    case "refused":
      return fault.refusal.code === "not-decodable"
        ? `${fault.refusal.word} is not within reach yet`
        : fault.refusal.code === "not-in-list"
          ? `${fault.refusal.word} is not in the word list`
          : `${fault.refusal.word} is kept out`;
  }
}
