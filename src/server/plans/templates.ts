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
import type { NewTemplateInput } from "../../schemas/templates.ts";
import type { Queryable } from "../db/database.ts";
import { templates } from "../db/schema.ts";
import { AppError, notFound } from "../http/errors.ts";
import { getPlan } from "./plans.ts";

const MOST_TEMPLATES = 40;

/** The workspace's own templates, then those that ship. */
export async function listTemplates(db: Queryable): Promise<(LessonTemplate & { readonly shipped: boolean })[]> {
  const rows = await db.select().from(templates).orderBy(asc(templates.name));
  return [
    ...rows.flatMap(({ id, name, parts }) => (parts ? [{ id, name, parts, shipped: false }] : [])),
    ...TEMPLATES.map((template) => ({ ...template, shipped: true })),
  ];
}

/** @throws AppError "not-found" */
export async function getTemplate(db: Queryable, id: string): Promise<LessonTemplate> {
  const found = (await listTemplates(db)).find((template) => template.id === id);
  if (!found) throw notFound("template");
  return found;
}

/** Keeps the line of activities of a group's next lesson, without its words. @throws AppError "not-found", "invalid" */
export async function createTemplate(db: Queryable, { name, groupId }: NewTemplateInput): Promise<LessonTemplate> {
  const plan = await getPlan(db, groupId);
  const drafted = plan.activities.filter(
    ({ content }) => content !== undefined && !editableFieldsOf(content).includes("text"),
  );
  if (drafted.length === 0)
    throw new AppError("invalid", "There is no activity in the lesson that could be filled anew.", [
      { field: "groupId", message: "draft the lesson first; chains, sets and texts of your own are not kept" },
    ]);
  if ((await db.select({ id: templates.id }).from(templates)).length >= MOST_TEMPLATES)
    throw new AppError("invalid", `There are ${MOST_TEMPLATES} templates already.`, [
      { field: "name", message: "take one out first" },
    ]);
  const parts = drafted.map((activity): LessonPart => {
    const content = activity.content as NonNullable<typeof activity.content>;
    return {
      kind: content.kind,
      items: Math.max(1, Math.round((itemsOfContent(content) * USUAL_MINUTES) / plan.minutes)),
      priority: priorityOf(content.kind, activity.heldBack),
      ...(activity.heldBack && { heldBack: true }),
      ...(activity.ifTime && { ifTime: true }),
    };
  });
  const id = randomUUID();
  await db.insert(templates).values({ id, name, parts });
  return getTemplate(db, id);
}

/** @throws AppError "not-found", "invalid" for one that ships */
export async function removeTemplate(db: Queryable, id: string): Promise<void> {
  if (TEMPLATES.some((template) => template.id === id))
    throw new AppError("invalid", "That template ships with Zip Step and stays.", [
      { field: "id", message: "take out one of your own" },
    ]);
  await getTemplate(db, id);
  await db.delete(templates).where(eq(templates.id, id));
}
