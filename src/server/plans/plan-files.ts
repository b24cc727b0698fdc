import { type ActivityContent, promptRow, promptsOf } from "../../core/index.ts";
import type { GroupId } from "../../schemas/ids.ts";
import type { Queryable } from "../db/database.ts";
import { groupScope } from "../groups/group-scope.ts";
import { getGroup } from "../groups/groups.ts";
import { materialOf } from "./activity-material.ts";
import type { PlanActivity } from "./lesson-types.ts";
import { getPlan } from "./plans.ts";

/** The heads of the columns of a lesson as CSV, one thing that is said or shown a row. */
export const LESSON_COLUMNS = ["activity", "kind", "title", "minutes", "prompt", "answer", "text", "choices"] as const;

/** A group's next lesson as it travels. */
export interface LessonFile {
  readonly format: "zip-step-lesson";
  readonly version: 1;
  readonly group: string;
  readonly minutes: number;
  readonly activities: readonly LessonFileActivity[];
}

export interface LessonFileActivity extends Pick<PlanActivity, "kind" | "title" | "minutes" | "ifTime" | "heldBack"> {
  /** What it is done with: of a saved chain or set, what that holds now. */
  readonly content: ActivityContent;
}

/** Gathers a group's next lesson to take out. @throws AppError "not-found" */
export async function lessonFile(db: Queryable, groupId: GroupId): Promise<LessonFile> {
  const group = await getGroup(db, groupId);
  const { minutes, activities } = await getPlan(db, groupId);
  return {
    ...{ format: "zip-step-lesson", version: 1, group: group.name, minutes },
    activities: await Promise.all(
      activities.map(async (activity) => {
        const { kind, title, minutes, ifTime, heldBack } = activity;
        return { kind, title, minutes, ifTime, heldBack, content: (await materialOf(db, activity)).content };
      }),
    ),
  };
}

/** The rows of a lesson as CSV, without the heads. @throws AppError "not-found" */
export async function lessonRows(db: Queryable, groupId: GroupId): Promise<(string | number)[][]> {
  const [{ activities }, { school }] = [
    await lessonFile(db, groupId),
    await groupScope(db, await getGroup(db, groupId)),
  ];
  return activities.flatMap(({ kind, title, minutes, content }, k) =>
    promptsOf(content, school.accent).map((prompt) => {
      const { answer, text, choices } = promptRow(prompt);
      return [k + 1, kind, title, minutes, prompt.code, answer, text, choices.join(" ")];
    }),
  );
}

/** A lesson as plain text: each activity, and under it what is read, said and chosen from. @throws AppError "not-found" */
export async function lessonText(db: Queryable, groupId: GroupId): Promise<string> {
  const { activities } = await lessonFile(db, groupId);
  const rows = await lessonRows(db, groupId);
  return activities
    .map(({ kind, title }, k) => {
      const own = rows.filter(([number]) => number === k + 1);
      const lines = own.map(([, , , , , answer, text, choices]) => [text, choices, answer].filter(Boolean).join(" | "));
      return [title || kind, ...lines].join("\n");
    })
    .join("\n\n");
}
