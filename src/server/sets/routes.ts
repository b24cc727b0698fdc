import { ofGroupQuery } from "../../schemas/fields.ts";
import { editDayInput, editRoutineInput, fillInput, newRoutineInput } from "../../schemas/routines.ts";
import { changeSavedInput } from "../../schemas/saved.ts";
import { editSetInput, newSetInput } from "../../schemas/sets.ts";
import { csvFile, jsonFile, plainFile } from "../http/files.ts";
import { route } from "../http/route.ts";
import { getSchool } from "../school/school.ts";
import { refuseOralItems } from "./oral-items.ts";
import {
  changeRoutine,
  createRoutine,
  dayFor,
  editDay,
  editRoutine,
  fillDay,
  getRoutine,
  listRoutines,
  removeRoutine,
} from "./routines.ts";
import { TEXT_COLUMNS, textFile } from "./text-files.ts";
import { changeSet, createSet, editSet, getSet, judgeContent, listSets, removeSet } from "./word-sets.ts";

export const SET_ROUTES = {
  ...route("GET /api/sets", {
    summary: "Lists a group's saved sets, of every kind.",
    answers: "sets",
    query: ofGroupQuery,
    run: ({ db, query }) => listSets(db, query.groupId),
  }),
  ...route("POST /api/sets", {
    summary: "Saves a new set: a family, a sort, minimal pairs, or items for the ears only.",
    answers: "the set",
    body: newSetInput,
    status: 201,
    prepare: ({ db, body }) => judgeContent(db, body.content),
    run: ({ db, body }) => createSet(db, body),
  }),
  ...route("GET /api/sets/:setId", {
    summary: "One set.",
    answers: "the set",
    run: ({ db, params }) => getSet(db, params.setId),
  }),
  ...route("GET /api/sets/:setId/text", {
    summary: "A saved text with how each word of it stands with its group.",
    answers: "the text, its words, and the share of them that the group can read",
    run: ({ db, params }) => textFile(db, params.setId),
  }),
  ...route("GET /api/sets/:setId/text.txt", {
    summary: "The text itself as a text file.",
    answers: "a text file",
    run: async ({ db, params }) => {
      const { title, text } = await textFile(db, params.setId);
      return plainFile(title, text);
    },
  }),
  ...route("GET /api/sets/:setId/text.csv", {
    summary: "Its words as a CSV file, one a row.",
    answers: "a CSV file",
    run: async ({ db, params }) => {
      const { title, words } = await textFile(db, params.setId);
      return csvFile(title, [TEXT_COLUMNS, ...words.map((row) => TEXT_COLUMNS.map((column) => row[column]))]);
    },
  }),
  ...route("GET /api/sets/:setId/text.json", {
    summary: "All of it as a JSON file.",
    answers: "a JSON file",
    run: async ({ db, params }) => {
      const all = await textFile(db, params.setId);
      return jsonFile(all.title, all);
    },
  }),
  ...route("PUT /api/sets/:setId", {
    summary: "Saves a set anew.",
    answers: "the set",
    body: editSetInput,
    prepare: ({ db, body }) => judgeContent(db, body.content),
    run: ({ db, params, body }) => editSet(db, params.setId, body),
  }),
  ...route("PATCH /api/sets/:setId", {
    summary: "Gives a set another title, or puts it away or takes it up again.",
    answers: "the set",
    body: changeSavedInput,
    run: ({ db, params, body }) => changeSet(db, params.setId, body),
  }),
  ...route("DELETE /api/sets/:setId", {
    summary: "Takes a set away.",
    run: ({ db, params }) => removeSet(db, params.setId),
  }),
  ...route("GET /api/routines", {
    summary: "Lists a group's daily routines for the ears.",
    answers: "routines",
    query: ofGroupQuery,
    run: ({ db, query }) => listRoutines(db, query.groupId),
  }),
  ...route("POST /api/routines", {
    summary: "Makes a daily routine.",
    answers: "the routine",
    body: newRoutineInput,
    status: 201,
    run: ({ db, body }) => createRoutine(db, body),
  }),
  ...route("GET /api/routines/:routineId", {
    summary: "One routine.",
    answers: "the routine",
    run: ({ db, params }) => getRoutine(db, params.routineId),
  }),
  ...route("PUT /api/routines/:routineId", {
    summary: "Changes a routine.",
    answers: "the routine",
    body: editRoutineInput,
    run: ({ db, params, body }) => editRoutine(db, params.routineId, body),
  }),
  ...route("PATCH /api/routines/:routineId", {
    summary: "Renames a routine, puts it out of sight or back.",
    answers: "the routine",
    body: changeSavedInput,
    run: ({ db, params, body }) => changeRoutine(db, params.routineId, body),
  }),
  ...route("DELETE /api/routines/:routineId", {
    summary: "Takes a routine away.",
    run: ({ db, params }) => removeRoutine(db, params.routineId),
  }),
  ...route("PUT /api/routines/:routineId/days/:day", {
    summary: "The items of a routine for a day: new ones the first time, the same ones after.",
    answers: "the day with its items",
    body: fillInput,
    prepare: ({ db, params, body }) => dayFor(db, params.routineId, params.day, body),
    run: ({ db, params, body, prepared }) => fillDay(db, params.routineId, params.day, body, prepared),
  }),
  ...route("PATCH /api/routines/:routineId/days/:day", {
    summary: "Puts other items into one part of a day that has been filled.",
    answers: "the day with its items",
    body: editDayInput,
    prepare: async ({ db, body }) => refuseOralItems(body.items, await getSchool(db)),
    run: ({ db, params, body }) => editDay(db, params.routineId, params.day, body),
  }),
};
