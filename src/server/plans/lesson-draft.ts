import { randomUUID } from "node:crypto";
import {
  type Activity,
  type ActivityContent,
  checkLesson,
  editableFieldsOf,
  type LessonRequest,
  type LessonRules,
  minutesOfContent,
  SHORTEST_LESSON,
  taughtGpcs,
  taughtOf,
  thinkingAfter,
} from "../../core/index.ts";
import type { GroupId, SetId } from "../../schemas/ids.ts";
import type { AddKindInput, DraftInput, EditActivityInput } from "../../schemas/plans.ts";
import type { Queryable } from "../db/database.ts";
import { groupScope } from "../groups/group-scope.ts";
import { getGroup } from "../groups/groups.ts";
import { mostWanted, packsOf } from "../groups/packs-page.ts";
import { AppError, notFound } from "../http/errors.ts";
import { paceOf } from "../sessions/pace.ts";
import { lessonsWith, recentWords, wordsOfLastWeek } from "../sessions/sessions.ts";
import { substitutionsOf } from "../sets/families-page.ts";
import { getSet } from "../sets/word-sets.ts";
import { askWords } from "../words/pool.ts";
import { faultText } from "./fault-text.ts";
import type { PlanActivity } from "./lesson-types.ts";
import { getPlan, type Plan, refuseStale, refuseWhenFull, storePlan } from "./plans.ts";
import { getTemplate } from "./templates.ts";

/**
 * Drafts the whole of a group's next lesson, in the minutes that the teacher's own chains and sets leave. Stores nothing.
 *
 * @throws AppError "not-found", "invalid" when nothing has been taught, "conflict" when the plan has changed meanwhile
 */
export async function draftFor(db: Queryable, groupId: GroupId, input: DraftInput): Promise<readonly PlanActivity[]> {
  const old = await getPlan(db, groupId);
  refuseStale(old, input.version);
  const taken = savedIn(old).reduce((sum, one) => sum + (one.ifTime ? 0 : one.minutes), 0);
  const request = await requestFor(db, groupId, input);
  const template = input.templateId === undefined ? undefined : await getTemplate(db, input.templateId);
  const lesson = await askWords("draftLesson", {
    ...request,
    ...(template && { template }),
    // What the teacher put in takes its part of the time.
    minutes: Math.max(SHORTEST_LESSON, input.minutes - taken),
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
  return lesson.activities.map((activity): PlanActivity => toPlanActivity(activity));
}

/**
 * Keeps a draft as the next lesson, in the place of what was drafted before; chains and sets that the teacher put in
 * stay, after it.
 *
 * @throws AppError "not-found", "conflict" when the plan has changed meanwhile
 */
export async function keepDraft(
  db: Queryable,
  groupId: GroupId,
  input: DraftInput,
  drafted: readonly PlanActivity[],
): Promise<Plan> {
  const old = await getPlan(db, groupId);
  refuseStale(old, input.version);
  await storePlan(db, { groupId, minutes: input.minutes, activities: [...drafted, ...savedIn(old)] });
  return getPlan(db, groupId);
}

/** The chains and sets in a plan. */
const savedIn = ({ activities }: Plan): readonly PlanActivity[] => activities.filter(({ ref }) => ref !== undefined);

/** What a lesson of this group is made from. */
export async function requestFor(
  db: Queryable,
  groupId: GroupId,
  input: Pick<DraftInput, "focus" | "contrasts" | "minutes" | "seed">,
): Promise<LessonRequest> {
  const group = await getGroup(db, groupId);
  const scope = await groupScope(db, group);
  const { never, allowLists, practice } = scope.school;
  const now = new Date();
  const packs = await packsOf(db, group, scope, now);
  return {
    taught: taughtOf(scope),
    taughtGpcs: taughtGpcs(scope),
    focus: input.focus,
    contrasts: input.contrasts,
    substitutions: await substitutionsOf(db, group),
    minutes: input.minutes,
    settings: practice,
    pace: await paceOf(db, groupId),
    recent: await recentWords(db, groupId),
    lastWeek: await wordsOfLastWeek(db, groupId, now),
    never,
    allowLists,
    cards: mostWanted(packs.map(({ sounds }) => sounds)),
    wholeWords: mostWanted(packs.map(({ words }) => words)),
    lessonsBefore: await lessonsWith(db, groupId, input.focus, now),
    seed: input.seed,
  };
}

/** An activity of a kind, filled for a group. */
export interface FilledKind {
  readonly content: ActivityContent;
  readonly request: LessonRequest;
}

/**
 * Fills an activity of a kind with the words that are in the lesson already. Stores nothing.
 * @throws AppError "not-found", "invalid" when the group's words do not serve
 */
export async function filledKind(db: Queryable, groupId: GroupId, input: AddKindInput): Promise<FilledKind> {
  const plan = await getPlan(db, groupId);
  refuseWhenFull(plan);
  const sentencesFrom = input.textId === undefined ? undefined : await textOf(db, groupId, input.textId);
  const request = {
    ...(await requestFor(db, groupId, { ...input, minutes: plan.minutes })),
    ...(sentencesFrom !== undefined && { sentencesFrom }),
  };
  const there = plan.activities.flatMap(({ content, heldBack }) => (content ? [{ ...content, heldBack }] : []));
  const content = typedContent(input) ?? (await askWords("fillKind", input.kind, request, there));
  if (!content)
    throw new AppError("invalid", "This group's words do not serve for that.", [
      { field: "kind", message: "choose another sound for today, or another activity" },
    ]);
  return { content, request };
}

/** What a saved text says. @throws AppError "not-found", "invalid" where it is no text of the group */
async function textOf(db: Queryable, groupId: GroupId, id: SetId): Promise<string> {
  const set = await getSet(db, id);
  if (set.groupId === groupId && set.content.kind === "text") return set.content.text;
  throw new AppError("invalid", "This is no text of the group.", [{ field: "textId", message: "choose a saved text" }]);
}

/** Puts an activity at the end of the lesson. @throws AppError "not-found", "invalid" with the words at fault */
export async function addKind(db: Queryable, groupId: GroupId, { content, request }: FilledKind): Promise<Plan> {
  const plan = await getPlan(db, groupId);
  refuseWhenFull(plan);
  const activity: PlanActivity = {
    id: randomUUID(),
    kind: content.kind,
    minutes: minutesOfContent(content, request.settings.turns, request.pace),
    content,
    title: "",
    ifTime: false,
    heldBack: false,
    settings: {
      ...request.settings,
      thinking: thinkingAfter(request.settings, request.lessonsBefore ?? 0),
    },
  };
  refuseFaults([...plan.activities, activity], activity.id, request);
  await storePlan(db, { ...plan, activities: [...plan.activities, activity] });
  return getPlan(db, groupId);
}

function typedContent({ kind, text, focus }: AddKindInput): ActivityContent | undefined {
  if (kind !== "text" && kind !== "free") return undefined;
  if (!text)
    throw new AppError("invalid", "There is no text.", [{ field: "text", message: "type what is read or done" }]);
  return kind === "text" ? { kind, text, targets: focus } : { kind, text };
}

/** @throws AppError "invalid" with the words of the activity that may not stand in it */
function refuseFaults(activities: readonly PlanActivity[], id: string, rules: LessonRules): void {
  const drafted = activities.flatMap(({ id, content, heldBack }) => (content ? [{ id, content, heldBack }] : []));
  const faults = checkLesson(drafted, rules).filter(({ activity }) => activity === id);
  if (faults.length === 0) return;
  const said = [...new Set(faults.map(faultText))].join("; ");
  throw new AppError("invalid", `These words cannot stand in this activity: ${said}.`, [
    { field: "words", message: said },
  ]);
}

/** What a look back is called in a plan; every other drafted activity goes by its kind. */
const LOOK_BACK = "Last week's words";

const toPlanActivity = ({ content, minutes, ifTime, heldBack, isLookBack, settings }: Activity): PlanActivity => ({
  id: randomUUID(),
  kind: content.kind,
  minutes,
  content,
  title: isLookBack ? LOOK_BACK : "",
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
  groupId: GroupId,
  activityId: string,
  input: EditActivityInput,
): Promise<Plan> {
  const plan = await getPlan(db, groupId);
  const old = plan.activities.find(({ id }) => id === activityId);
  if (!old?.content) throw notFound("activity of this plan");
  const content = changed(old.content, input);
  const group = await getGroup(db, groupId);
  const scope = await groupScope(db, group);
  const pace = await paceOf(db, groupId);
  const next = plan.activities.map((activity) =>
    activity.id === activityId
      ? { ...activity, content, minutes: minutesOfContent(content, activity.settings.turns, pace) }
      : activity,
  );
  const { never, allowLists } = scope.school;
  refuseFaults(next, activityId, { taught: taughtOf(scope), never, allowLists });
  await storePlan(db, { ...plan, activities: next });
  return getPlan(db, groupId);
}

/** @throws AppError "invalid" when nothing in its kind is changed by hand */
function changed(content: ActivityContent, input: EditActivityInput): ActivityContent {
  const fields = editableFieldsOf(content);
  if (fields.length === 0)
    throw new AppError("invalid", "This activity is made anew with the lesson, not word by word.", [
      { field: "activityId", message: "take it out, or draft the lesson anew" },
    ]);
  // A field that its kind does not have is passed over.
  const changes = fields.flatMap((field) => (input[field] === undefined ? [] : [[field, input[field]] as const]));
  return { ...content, ...Object.fromEntries(changes) } as ActivityContent;
}
