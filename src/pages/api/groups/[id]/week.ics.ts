import { pathId } from "../../../../server/fields.ts";
import { calendarFile, endpoint } from "../../../../server/http.ts";
import { weekCalendar, weekOf, weekQuery } from "../../../../server/week.ts";

/** The week's lessons as a calendar file. */
export const GET = endpoint({
  query: weekQuery,
  run: async ({ db, query, params }) => {
    const week = await weekOf(db, pathId(params["id"], "group"), query, new Date());
    return calendarFile(`${week.group.name} ${week.from}`, weekCalendar(week));
  },
});
