import { randomUUID } from "node:crypto";
import { asc, eq } from "drizzle-orm";
import {
  editableFieldsOf,
  itemsOfContent,
  type LessonPart,
  type LessonTemplate,
  priorityOf,
  TEMPLATES,
  USUAL_MINUTES,
} from "../../core/light.ts";
import type { GroupId } from "../../schemas/ids.ts";
import type { ChangeSavedInput } from "../../schemas/saved.ts";
import type { NewTemplateInput } from "../../schemas/templates.ts";
import type { Queryable } from "../db/database.ts";
import { templates } from "../db/schema.ts";
import { AppError, notFound } from "../http/errors.ts";
import { savedChange } from "../saved/saved-change.ts";
import { getPlan } from "./plans.ts";

const MOST_TEMPLATES = 40;

/** A template of the workspace's own. */
export interface OwnTemplate extends LessonTemplate {
  /** Kept out of sight until it is taken up again. */
  readonly isPutAway: boolean;
  /** ISO time. */
  readonly updatedAt: string;
}

/** The workspace's own templates by name, those that were put away as well. */
export async function ownTemplates(db: Queryable): Promise<OwnTemplate[]> {
  const rows = await db.select().from(templates).orderBy(asc(templates.name));
  return rows.flatMap(({ id, name, parts, putAwayAt, updatedAt }) =>
    parts ? [{ id, name, parts, isPutAway: putAwayAt !== null, updatedAt: updatedAt.toISOString() }] : [],
  );
}

/** Every template to draft a lesson by: the workspace's own that are in sight, then those that ship. */
export async function listTemplates(db: Queryable): Promise<(LessonTemplate & { readonly shipped: boolean })[]> {
  const own = (await ownTemplates(db)).filter(({ isPutAway }) => !isPutAway);
  return [
    ...own.map(({ id, name, parts }) => ({ id, name, parts, shipped: false })),
    ...TEMPLATES.map((template) => ({ ...template, shipped: true })),
  ];
}

/** @throws AppError "not-found" */
export async function getTemplate(db: Queryable, id: string): Promise<LessonTemplate> {
  const found = [...(await ownTemplates(db)), ...TEMPLATES].find((template) => template.id === id);
  if (!found) throw notFound("template");
  return found;
}

/** The line of activities of a group's next lesson, without its words. @throws AppError "not-found", "invalid" */
async function partsOfPlan(db: Queryable, groupId: GroupId): Promise<LessonPart[]> {
  const plan = await getPlan(db, groupId);
  const drafted = plan.activities.filter(
    ({ content }) => content !== undefined && !editableFieldsOf(content).includes("text"),
  );
  if (drafted.length === 0)
    throw new AppError("invalid", "There is no activity in the lesson that could be filled anew.", [
      { field: "groupId", message: "draft the lesson first; chains, sets and texts of your own are not kept" },
    ]);
  return drafted.map((activity): LessonPart => {
    const content = activity.content as NonNullable<typeof activity.content>;
    return {
      kind: content.kind,
      items: Math.max(1, Math.round((itemsOfContent(content) * USUAL_MINUTES) / plan.minutes)),
      priority: priorityOf(content.kind, activity.heldBack),
      ...(activity.heldBack && { heldBack: true }),
      ...(activity.ifTime && { ifTime: true }),
    };
  });
}

/** Keeps a line of activities: that of a group's next lesson, or another template's. @throws AppError "not-found", "invalid" */
export async function createTemplate(db: Queryable, input: NewTemplateInput): Promise<LessonTemplate> {
  if ((await db.select({ id: templates.id }).from(templates)).length >= MOST_TEMPLATES)
    throw new AppError("invalid", `There are ${MOST_TEMPLATES} templates already.`, [
      { field: "name", message: "take one out first" },
    ]);
  const parts = "copyOf" in input ? (await getTemplate(db, input.copyOf)).parts : await partsOfPlan(db, input.groupId);
  const id = randomUUID();
  await db.insert(templates).values({ id, name: input.name, parts });
  return getTemplate(db, id);
}

/** @throws AppError "invalid" for a template that ships */
function refuseShipped(id: string): void {
  if (TEMPLATES.some((template) => template.id === id))
    throw new AppError("invalid", "That template ships with Zip Step and stays as it is.", [
      { field: "id", message: "choose one of your own" },
    ]);
}

/** Renames a template, puts it away or takes it up again. @throws AppError "not-found", "invalid" for one that ships */
export async function changeTemplate(db: Queryable, id: string, input: ChangeSavedInput): Promise<LessonTemplate> {
  refuseShipped(id);
  await getTemplate(db, id);
  const { title, ...rest } = savedChange(input);
  await db
    .update(templates)
    .set({ ...rest, ...(title !== undefined && { name: title }) })
    .where(eq(templates.id, id));
  return getTemplate(db, id);
}

/** @throws AppError "not-found", "invalid" for one that ships */
export async function removeTemplate(db: Queryable, id: string): Promise<void> {
  refuseShipped(id);
  await getTemplate(db, id);
  await db.delete(templates).where(eq(templates.id, id));
}
