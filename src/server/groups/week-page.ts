import ical, { ICalCalendarMethod } from "ical-generator";
import { addDays, dayIn, gpcById, taughtGpcs, type WeekDay, weekPlan } from "../../core/index.ts";
import { gpcField } from "../../schemas/fields.ts";
import type { GroupId } from "../../schemas/ids.ts";
import type { WeekQuery } from "../../schemas/week.ts";
import type { Queryable } from "../db/database.ts";
import { calendarText } from "../http/files.ts";
import { getTimeZone } from "../school/installation.ts";
import { substitutionsOf } from "../sets/families-page.ts";
import { groupScope } from "./group-scope.ts";
import { type Group, getGroup } from "./groups.ts";

export interface Week {
  readonly group: Group;
  readonly from: string;
  readonly weekdays: readonly number[];
  readonly at: string;
  readonly minutes: number;
  readonly days: readonly WeekDay[];
  /** What can be chosen as a focus, GPC ids, the newest first. */
  readonly choices: readonly string[];
}

const SCHOOL_DAYS = [1, 2, 3, 4, 5];
const NEWEST = 6;

/** A week of lessons: which sound on which day, and what comes up again. @throws AppError "not-found" */
export async function weekOf(db: Queryable, groupId: GroupId, query: WeekQuery, now: Date): Promise<Week> {
  const group = await getGroup(db, groupId);
  const choices = taughtGpcs(await groupScope(db, group));
  const substitutions = (await substitutionsOf(db, group)).map(({ gpc }) => gpc).filter((gpc) => choices.includes(gpc));
  const from = query.from ?? nextMonday(dayIn(now, await getTimeZone(db)));
  const weekdays = query.days ?? SCHOOL_DAYS;
  const dates = Array.from({ length: 7 }, (_, k) => addDays(from, k)).filter((date) =>
    weekdays.includes(weekday(date)),
  );
  const chosen = Object.fromEntries(
    dates.flatMap((date) => {
      const asked = gpcField.safeParse(query[date]);
      return asked.success && choices.includes(asked.data) ? [[date, asked.data]] : [];
    }),
  );
  return {
    group,
    from,
    weekdays,
    at: query.at ?? "09:00",
    minutes: query.minutes ?? 20,
    choices,
    days: weekPlan({
      days: dates,
      candidates: [...new Set([...substitutions, ...choices.slice(0, NEWEST)])],
      known: choices.slice(NEWEST),
      chosen,
    }),
  };
}

/** Monday 1 to Sunday 7. */
const weekday = (date: string): number => new Date(`${date}T00:00:00Z`).getUTCDay() || 7;

function nextMonday(today: string): string {
  return addDays(today, (8 - weekday(today)) % 7);
}

const letters = (gpcs: readonly string[]): string =>
  gpcs.map((id) => `${gpcById(id)?.grapheme ?? id} (${gpcById(id)?.examples[0] ?? ""})`).join(", ");

/** The week as a calendar file. Times are those of the wall clock, wherever the file is opened. */
export function weekCalendar({ group, days, at, minutes }: Week): string {
  const calendar = ical({
    name: calendarText(`Lessons: ${group.name}`),
    method: ICalCalendarMethod.PUBLISH,
    prodId: "//Zip Step//Week//EN",
  });
  for (const { date, focus, review } of days) {
    const start = new Date(`${date}T${at}:00Z`);
    calendar.createEvent({
      // The same lesson has the same id: a file taken out again replaces it.
      id: `${group.id}-${date}@zip-step`,
      floating: true,
      start,
      end: new Date(start.getTime() + minutes * 60_000),
      stamp: start,
      summary: `${group.name}: ${focus.length > 0 ? letters(focus) : "review"}`,
      description: review.length > 0 ? `Again: ${letters(review)}` : "",
    });
  }
  return calendar.toString();
}
