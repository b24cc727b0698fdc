import { weekCalendar, weekOf, weekQuery } from "../../../../server/groups/week-page.ts";
import { calendarFile, endpoint } from "../../../../server/http/endpoint.ts";
import { pathId } from "../../../../server/http/fields.ts";

/** The week's lessons as a calendar file. */
export const GET = endpoint({
  query: weekQuery,
  run: async ({ db, query, params }) => {
    const week = await weekOf(db, pathId(params["id"], "group"), query, new Date());
    return calendarFile(`${week.group.name} ${week.from}`, weekCalendar(week));
  },
});
