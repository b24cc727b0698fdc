import { moveGroupInput, newGroupInput, ticksInput } from "../../schemas/groups.ts";
import { weekQuery } from "../../schemas/week.ts";
import { calendarFile } from "../http/files.ts";
import { route } from "../http/route.ts";
import { createGroup, getGroup, listGroups, moveGroup, tickGroup } from "./groups.ts";
import { weekCalendar, weekOf } from "./week-page.ts";

export const GROUP_ROUTES = {
  ...route("GET /api/groups", {
    summary: "Lists the groups, by name.",
    answers: "groups, each with its learners in seat order",
    run: ({ db }) => listGroups(db),
  }),
  ...route("POST /api/groups", {
    summary: "Makes a group with its learners.",
    answers: "the group",
    body: newGroupInput,
    status: 201,
    run: ({ db, body }) => createGroup(db, body),
  }),
  ...route("GET /api/groups/:groupId", {
    summary: "One group.",
    answers: "the group",
    run: ({ db, params }) => getGroup(db, params.groupId),
  }),
  ...route("PATCH /api/groups/:groupId", {
    summary: "Puts a group at a step of an order of teaching.",
    answers: "the group",
    body: moveGroupInput,
    run: ({ db, params, body }) => moveGroup(db, params.groupId, body),
  }),
  ...route("PUT /api/groups/:groupId/ticks", {
    summary: "Stores what is ticked by hand on top of the step.",
    answers: "the group",
    body: ticksInput,
    run: ({ db, params, body }) => tickGroup(db, params.groupId, body),
  }),
  ...route("GET /api/groups/:groupId/week.ics", {
    summary: "A week of lessons as a calendar file.",
    answers: "an iCalendar file",
    query: weekQuery,
    run: async ({ db, params, query, now }) => {
      const week = await weekOf(db, params.groupId, query, now);
      return calendarFile(`${week.group.name} ${week.from}`, weekCalendar(week));
    },
  }),
};
