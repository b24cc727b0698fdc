import type { GroupId } from "../../schemas/ids.ts";
import { draftInput, editActivityInput, newActivityInput, planInput } from "../../schemas/plans.ts";
import { changeSavedInput } from "../../schemas/saved.ts";
import { newTemplateInput } from "../../schemas/templates.ts";
import type { Queryable } from "../db/database.ts";
import { getGroup } from "../groups/groups.ts";
import { csvFile, jsonFile, plainFile } from "../http/files.ts";
import { route } from "../http/route.ts";
import { addKind, draftFor, editActivity, filledKind, keepDraft } from "./lesson-draft.ts";
import { checkedPlan } from "./plan-check.ts";
import { LESSON_COLUMNS, lessonFile, lessonRows, lessonText } from "./plan-files.ts";
import { addSaved, changePlan, getPlan, removeActivity } from "./plans.ts";
import { changeTemplate, createTemplate, listTemplates, removeTemplate } from "./templates.ts";
import { warmUp } from "./warm-up.ts";

/** What a file of the next lesson is called. */
const lessonName = async (db: Queryable, groupId: GroupId) => `${(await getGroup(db, groupId)).name} next lesson`;

/** A group has one plan, its next lesson; the plan's id is the group's. */
export const PLAN_ROUTES = {
  ...route("GET /api/groups/:groupId/plan", {
    summary: "A group's next lesson, with what stands against it now.",
    answers: "the plan",
    run: async ({ db, params }) => checkedPlan(db, await getPlan(db, params.groupId)),
  }),
  ...route("POST /api/groups/:groupId/plan", {
    summary: "Drafts a group's next lesson anew; saved chains and sets that were put in stay.",
    answers: "the plan",
    body: draftInput,
    status: 201,
    prepare: ({ db, params, body }) => draftFor(db, params.groupId, body),
    run: async ({ db, params, body, prepared }) => checkedPlan(db, await keepDraft(db, params.groupId, body, prepared)),
  }),
  ...route("PUT /api/groups/:groupId/plan", {
    summary: "Stores the order, the minutes and the settings of a plan's activities; those left out are taken out.",
    answers: "the plan",
    body: planInput,
    run: async ({ db, params, body }) => checkedPlan(db, await changePlan(db, params.groupId, body)),
  }),
  ...route("POST /api/plans/:planId/activities", {
    summary: "Puts a saved chain, a saved set, or an activity of a kind filled with the lesson's words, at the end.",
    answers: "the plan",
    body: newActivityInput,
    status: 201,
    prepare: async ({ db, params, body }) => ("kind" in body ? filledKind(db, params.planId, body) : body),
    run: async ({ db, params: { planId }, prepared }) =>
      checkedPlan(
        db,
        "content" in prepared ? await addKind(db, planId, prepared) : await addSaved(db, planId, prepared),
      ),
  }),
  ...route("PATCH /api/plans/:planId/activities/:activityId", {
    summary: "Changes what one drafted activity is done with; every word is looked at again.",
    answers: "the plan",
    body: editActivityInput,
    run: async ({ db, params, body }) =>
      checkedPlan(db, await editActivity(db, params.planId, params.activityId, body)),
  }),
  ...route("DELETE /api/plans/:planId/activities/:activityId", {
    summary: "Takes one activity out of a plan; PUT puts it back.",
    answers: "the plan",
    run: async ({ db, params }) => checkedPlan(db, await removeActivity(db, params.planId, params.activityId)),
  }),
  ...route("GET /api/plans/:planId/lesson.txt", {
    summary: "A group's next lesson as a text file: what is read, said and chosen from.",
    answers: "a text file",
    run: async ({ db, params }) => plainFile(await lessonName(db, params.planId), await lessonText(db, params.planId)),
  }),
  ...route("GET /api/plans/:planId/lesson.csv", {
    summary: "The same as a CSV file, one thing that is said or shown a row.",
    answers: "a CSV file",
    run: async ({ db, params }) =>
      csvFile(await lessonName(db, params.planId), [LESSON_COLUMNS, ...(await lessonRows(db, params.planId))]),
  }),
  ...route("GET /api/plans/:planId/lesson.json", {
    summary: "All of it as a JSON file, with what every activity is done with.",
    answers: "a JSON file",
    run: async ({ db, params }) => jsonFile(await lessonName(db, params.planId), await lessonFile(db, params.planId)),
  }),
  ...route("GET /api/templates", {
    summary: "Lists the lines of activities to draft a lesson by: the workspace's own, then those that ship.",
    answers: "templates",
    run: ({ db }) => listTemplates(db),
  }),
  ...route("POST /api/templates", {
    summary: "Keeps the line of activities of a group's next lesson, without its words, or a copy of a template.",
    answers: "the template",
    body: newTemplateInput,
    status: 201,
    run: ({ db, body }) => createTemplate(db, body),
  }),
  ...route("PATCH /api/templates/:templateId", {
    summary: "Renames a template of the workspace's own, puts it out of sight or back.",
    answers: "the template",
    body: changeSavedInput,
    run: ({ db, params, body }) => changeTemplate(db, params.templateId, body),
  }),
  ...route("DELETE /api/templates/:templateId", {
    summary: "Takes away a template of the workspace's own.",
    run: ({ db, params }) => removeTemplate(db, params.templateId),
  }),
  ...route("POST /api/warm-up", {
    summary: "Makes the first lesson after a start as quick to draft as the others: the start script asks for it.",
    answers: "that it is done",
    withoutTransaction: true,
    run: async ({ db }) => {
      await warmUp(db);
      return { ok: true };
    },
  }),
};
