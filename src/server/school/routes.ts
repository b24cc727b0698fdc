import { schoolChangeInput, timeZoneInput } from "../../schemas/school.ts";
import { csvInput, rowsInput, sequenceInput, tellingWordsQuery } from "../../schemas/sequences.ts";
import { wordQuery } from "../../schemas/words.ts";
import { countWhatIsNot } from "../evidence/recount.ts";
import { csvFile } from "../http/files.ts";
import { route } from "../http/route.ts";
import { setTimeZone } from "./installation.ts";
import { refuseOwnWords } from "./own-words.ts";
import { getSchool, saveSchool } from "./school.ts";
import {
  checkRows,
  createSequence,
  deleteSequence,
  editSequence,
  getSequence,
  listSequences,
  readCsv,
  sequenceCsv,
} from "./sequences.ts";
import { wordsThatTell } from "./where-it-stands.ts";
import { askedWord } from "./words.ts";

export const SCHOOL_ROUTES = {
  ...route("GET /api/school", {
    summary: "The school's choices.",
    answers: "the choices",
    run: ({ db }) => getSchool(db),
  }),
  ...route("PUT /api/school/time-zone", {
    summary: "Stores where the school is: its days and dates go by that.",
    answers: "what this data folder is, and where",
    body: timeZoneInput,
    run: ({ db, body }) => setTimeZone(db, body),
  }),
  ...route("PUT /api/school", {
    summary: "Stores the school's choices.",
    answers: "the choices",
    body: schoolChangeInput,
    prepare: ({ body }) => refuseOwnWords(body),
    run: ({ db, body }) => saveSchool(db, body),
    // Another rule of what counts: totals are made anew, a learner at a time.
    afterwards: ({ db, write }) => countWhatIsNot(db, write),
  }),
  ...route("GET /api/sequences", {
    summary: "Lists the orders of teaching, those that ship first.",
    answers: "orders of teaching",
    run: ({ db }) => listSequences(db),
  }),
  ...route("POST /api/sequences", {
    summary: "Makes an order of teaching.",
    answers: "the order",
    body: sequenceInput,
    status: 201,
    run: ({ db, body }) => createSequence(db, body),
  }),
  ...route("POST /api/sequence-checks", {
    summary: "What rows of an order of teaching teach, and what is wrong with them. Stores nothing.",
    answers: "steps and problems",
    body: rowsInput,
    withoutTransaction: true,
    run: ({ body }) => checkRows(body.rows),
  }),
  ...route("POST /api/sequence-imports", {
    summary: "Reads a CSV file into rows, with every problem by line. Stores nothing.",
    answers: "rows, steps and problems",
    body: csvInput,
    withoutTransaction: true,
    run: ({ body }) => readCsv(body.csv),
  }),
  ...route("GET /api/sequences/:sequenceId", {
    summary: "One order of teaching.",
    answers: "the order",
    run: ({ db, params }) => getSequence(db, params.sequenceId),
  }),
  ...route("PUT /api/sequences/:sequenceId", {
    summary: "Changes an order of the school's own.",
    answers: "the order",
    body: sequenceInput,
    run: ({ db, params, body }) => editSequence(db, params.sequenceId, body),
  }),
  ...route("DELETE /api/sequences/:sequenceId", {
    summary: "Takes away an order of the school's own in which no group stands.",
    run: ({ db, params }) => deleteSequence(db, params.sequenceId),
  }),
  ...route("GET /api/sequences/:sequenceId/csv", {
    summary: "An order of teaching as a CSV file.",
    answers: "a CSV file",
    run: async ({ db, params }) => {
      const { name, rows } = await sequenceCsv(db, params.sequenceId);
      return csvFile(name, rows);
    },
  }),
  ...route("GET /api/sequences/:sequenceId/telling-words", {
    summary: "Six words at most that tell where between two steps of an order a group stands.",
    answers: "words with the step from which each can be decoded",
    query: tellingWordsQuery,
    run: ({ db, params, query }) => wordsThatTell(db, params.sequenceId, query),
  }),
  ...route("GET /api/words/:word", {
    summary: "Everything there is to say of a word, held against what a group has been taught.",
    answers: "the word's card, or what is known of a spelling that is not in the list",
    query: wordQuery,
    run: ({ db, params, query }) => askedWord(db, params.word, query.groupId),
  }),
};
