import { changeQuery, evidenceQuery, focusQuery, openedQuery } from "../../schemas/evidence.ts";
import { newResponseInput } from "../../schemas/responses.ts";
import { openedDatabase } from "../db/application-database.ts";
import { getGroup } from "../groups/groups.ts";
import { logError } from "../http/log-error.ts";
import { route } from "../http/route.ts";
import { changeOf } from "./change.ts";
import { evidenceReport } from "./evidence.ts";
import { evidenceCsv } from "./evidence-csv.ts";
import { openedResponses } from "./opened.ts";
import { proposalsFor, putProposalOff, takeUpProposal } from "./proposals.ts";
import { rejudgeAll, rejudgingProgress, seeRejudging, stopRejudging } from "./rejudge.ts";
import { storeResponse } from "./responses.ts";

export const EVIDENCE_ROUTES = {
  ...route("POST /api/responses", {
    summary: "Stores one mark. The same mark sent again changes nothing.",
    answers: "the stored response",
    body: newResponseInput,
    status: 201,
    run: ({ db, body }) => storeResponse(db, body),
  }),
  ...route("GET /api/groups/:groupId/proposals", {
    summary: "What a group is to work on next, best first, with everything it was chosen by.",
    answers: "proposals",
    run: async ({ db, params }) => proposalsFor(db, await getGroup(db, params.groupId)),
  }),
  ...route("PUT /api/groups/:groupId/put-off", {
    summary: "Puts a proposal off for a group: it is not proposed again.",
    query: focusQuery,
    run: ({ db, params, query }) => putProposalOff(db, params.groupId, query.focusId),
  }),
  ...route("DELETE /api/groups/:groupId/put-off", {
    summary: "Takes up a proposal that was put off.",
    query: focusQuery,
    run: ({ db, params, query }) => takeUpProposal(db, params.groupId, query.focusId),
  }),
  ...route("GET /api/rejudging", {
    summary: "How far judging earlier answers more finely is.",
    answers: "answers looked at and changed, and the share of all; null when there is nothing to tell",
    run: ({ db }) => rejudgingProgress(db),
  }),
  ...route("POST /api/rejudging", {
    summary: "Goes on with judging earlier answers more finely, where it was stopped.",
    withoutTransaction: true,
    run: async () => {
      // It takes minutes: nobody waits for its end.
      void rejudgeAll(await openedDatabase()).catch(logError);
    },
  }),
  ...route("DELETE /api/rejudging", {
    summary: "Stops judging earlier answers more finely; it goes on when it is asked to, or after the next start.",
    withoutTransaction: true,
    run: () => stopRejudging(),
  }),
  ...route("PUT /api/rejudging/seen", {
    summary: "Says that somebody has read what judging old answers anew has changed.",
    run: ({ db, now }) => seeRejudging(db, now),
  }),
  ...route("GET /api/evidence", {
    summary: "What was read or built as what, for a group or one learner of it.",
    answers: "rows of substitutions",
    query: evidenceQuery,
    run: ({ db, query }) => evidenceReport(db, query),
  }),
  ...route("GET /api/evidence/csv", {
    summary: "The same as a CSV file: what was expected, what was said, how often, out of how many chances.",
    query: evidenceQuery,
    run: async ({ db, query }) => evidenceCsv(await evidenceReport(db, query)),
  }),
  ...route("GET /api/evidence/change", {
    summary: "How the share right has changed from lesson to lesson, evened out for how hard the words were.",
    answers: "one point a lesson, the oldest first, and the sounds that can be looked at by themselves",
    query: changeQuery,
    run: ({ db, query }) => changeOf(db, query),
  }),
  ...route("GET /api/evidence/responses", {
    summary: "The newest responses behind a figure of the evidence.",
    answers: "responses, the newest first",
    query: openedQuery,
    run: ({ db, query }) => openedResponses(db, query),
  }),
};
