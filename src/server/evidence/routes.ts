import { evidenceQuery, openedQuery } from "../../schemas/evidence.ts";
import { newResponseInput } from "../../schemas/responses.ts";
import { route } from "../http/route.ts";
import { evidenceReport } from "./evidence.ts";
import { openedResponses } from "./opened.ts";
import { storeResponse } from "./responses.ts";

export const EVIDENCE_ROUTES = {
  ...route("POST /api/responses", {
    summary: "Stores one mark. The same mark sent again changes nothing.",
    answers: "the stored response",
    body: newResponseInput,
    status: 201,
    run: ({ db, body }) => storeResponse(db, body),
  }),
  ...route("GET /api/evidence", {
    summary: "What was read or built as what, for a group or one learner of it.",
    answers: "rows of substitutions",
    query: evidenceQuery,
    run: ({ db, query }) => evidenceReport(db, query),
  }),
  ...route("GET /api/evidence/responses", {
    summary: "The newest responses behind a figure of the evidence.",
    answers: "responses, the newest first",
    query: openedQuery,
    run: ({ db, query }) => openedResponses(db, query),
  }),
};
