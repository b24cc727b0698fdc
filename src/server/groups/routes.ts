import { groupingInput } from "../../schemas/grouping.ts";
import { newGroupInput, ticksInput } from "../../schemas/groups.ts";
import { groupChangeInput, learnerChangeInput, newLearnerInput } from "../../schemas/people.ts";
import { weekQuery } from "../../schemas/week.ts";
import { lastDayOf } from "../backup/backups.ts";
import { dataFolder } from "../db/data-folder.ts";
import { calendarFile, csvFile } from "../http/files.ts";
import { route } from "../http/route.ts";
import { eraseGroup, eraseLearner, groupContents, keepGroup, keepLearner } from "./erasure.ts";
import { groupingPage, regroup } from "./grouping.ts";
import { changeGroup, createGroup, getGroup, listGroups, tickGroup } from "./groups.ts";
import { addLearner, changeLearner, learnerRecords, listLearners, RECORD_COLUMNS } from "./learners.ts";
import { peoplePage } from "./people-page.ts";
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
    summary: "Renames a group, puts it at a step of an order of teaching, out of sight or back.",
    answers: "the group",
    body: groupChangeInput,
    run: ({ db, params, body, now }) => changeGroup(db, params.groupId, body, now),
  }),
  ...route("GET /api/groups/:groupId/contents", {
    summary: "What would go with a group if it were deleted.",
    answers: "counts",
    run: ({ db, params }) => groupContents(db, params.groupId),
  }),
  ...route("DELETE /api/groups/:groupId", {
    summary: "Deletes a group with its lessons and its learners; for ten minutes it can be taken back.",
    answers: "when every row is gone",
    run: ({ db, params, now }) => eraseGroup(db, params.groupId, now),
  }),
  ...route("POST /api/groups/:groupId/restoration", {
    summary: "Takes the deletion of a group back.",
    answers: "the group's id",
    status: 201,
    run: ({ db, params }) => keepGroup(db, params.groupId),
  }),
  ...route("GET /api/groupings/proposed", {
    summary: "Groups by what learners need and where they stand.",
    answers: "everybody as they are grouped by, and their ids in groups",
    run: ({ db }) => groupingPage(db),
  }),
  ...route("POST /api/groupings", {
    summary: "Makes all groups as they are to be, at once: learners move with their records.",
    answers: "the groups as they are now",
    body: groupingInput,
    run: ({ db, body, now }) => regroup(db, body, now),
  }),
  ...route("POST /api/groups/:groupId/learners", {
    summary: "Adds a learner to a group.",
    answers: "the learner",
    body: newLearnerInput,
    status: 201,
    run: ({ db, params, body }) => addLearner(db, params.groupId, body.nickname),
  }),
  ...route("GET /api/people", {
    summary: "Groups and learners, those out of sight too.",
    answers: "groups and learners",
    run: ({ db }) => peoplePage(db),
  }),
  ...route("GET /api/learners", {
    summary: "Lists every learner, those out of sight too.",
    answers: "learners",
    run: ({ db }) => listLearners(db),
  }),
  ...route("PATCH /api/learners/:learnerId", {
    summary: "Renames a learner, moves them to another group, puts them out of sight or back.",
    answers: "the learner",
    body: learnerChangeInput,
    run: ({ db, params, body, now }) => changeLearner(db, params.learnerId, body, now),
  }),
  ...route("GET /api/learners/:learnerId/records", {
    summary: "Everything that is stored of one learner.",
    answers: "the learner's records",
    run: ({ db, params }) => learnerRecords(db, params.learnerId),
  }),
  ...route("GET /api/learners/:learnerId/records.csv", {
    summary: "The same as a CSV file.",
    answers: "a CSV file",
    run: async ({ db, params }) => {
      const { nickname, answers } = await learnerRecords(db, params.learnerId);
      return csvFile(nickname, [RECORD_COLUMNS, ...answers.map((row) => RECORD_COLUMNS.map((column) => row[column]))]);
    },
  }),
  ...route("DELETE /api/learners/:learnerId", {
    summary: "Erases a learner; for ten minutes it can be taken back, then every row is gone.",
    answers: "when every row is gone, and which backups still hold them",
    run: async ({ db, params, now }) => ({
      ...(await eraseLearner(db, params.learnerId, now)),
      backupsUntil: lastDayOf(dataFolder(), now)?.toISOString() ?? null,
    }),
  }),
  ...route("POST /api/learners/:learnerId/restoration", {
    summary: "Takes the erasure of a learner back.",
    answers: "the learner's id",
    status: 201,
    run: ({ db, params }) => keepLearner(db, params.learnerId),
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
