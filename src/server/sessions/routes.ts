import { ofGroupQuery } from "../../schemas/fields.ts";
import { typedAnswerInput } from "../../schemas/responses.ts";
import { addWordsInput, newSessionInput, sessionChangeInput, soFarQuery } from "../../schemas/sessions.ts";
import { sessionResponses } from "../evidence/responses.ts";
import { typedVerdict } from "../evidence/verdict.ts";
import { route } from "../http/route.ts";
import { probeSoFar, probeToBegin } from "./probe.ts";
import { addWords } from "./session-words.ts";
import { changeSession, getSession, listSessions } from "./sessions.ts";
import { soFar } from "./so-far.ts";
import { startSession } from "./start-session.ts";

export const SESSION_ROUTES = {
  ...route("GET /api/sessions", {
    summary: "Lists a group's latest lessons, the latest first.",
    answers: "sessions",
    query: ofGroupQuery,
    run: ({ db, query }) => listSessions(db, query.groupId),
  }),
  ...route("POST /api/sessions", {
    summary: "Begins to teach: a chain, a set, one activity of a plan, a whole plan, a learner's cards, or a probe.",
    answers: "the session",
    body: newSessionInput,
    status: 201,
    prepare: async ({ db, body }) => ("probe" in body ? probeToBegin(db, body) : undefined),
    run: ({ db, body, now, prepared }) => startSession(db, body, now, prepared),
  }),
  ...route("GET /api/sessions/:sessionId", {
    summary: "A session with what stands marked in it.",
    answers: "the session and its responses",
    run: async ({ db, params }) => ({
      session: await getSession(db, params.sessionId),
      responses: await sessionResponses(db, params.sessionId),
    }),
  }),
  ...route("PATCH /api/sessions/:sessionId", {
    summary: "Keeps the place in a lesson, or ends it.",
    answers: "the session",
    body: sessionChangeInput,
    run: ({ db, params, body, now }) => changeSession(db, params.sessionId, body, now),
  }),
  ...route("GET /api/sessions/:sessionId/so-far", {
    summary: "What has shown itself most in a lesson while it runs, and words that would make it sure.",
    answers: "the learner, what was said for what, and words; nothing while nothing has shown itself",
    query: soFarQuery,
    run: async ({ db, params, query }) => ({ shown: await soFar(db, params.sessionId, query) }),
  }),
  ...route("GET /api/sessions/:sessionId/probe", {
    summary: "What a probe has found so far, and the word that would tell most next.",
    answers: "what is thought of each question, and the next word; no word when all is settled",
    run: ({ db, params }) => probeSoFar(db, params.sessionId),
  }),
  ...route("POST /api/sessions/:sessionId/verdicts", {
    summary: "Judges an answer as it is being typed. Stores nothing.",
    answers: "what it says of every grapheme of the word",
    body: typedAnswerInput,
    withoutTransaction: true,
    run: ({ db, params, body }) => typedVerdict(db, params.sessionId, body),
  }),
  ...route("POST /api/sessions/:sessionId/words", {
    summary: "Puts words into an activity that is being taught.",
    answers: "the activity as it is now",
    body: addWordsInput,
    run: ({ db, params, body }) => addWords(db, params.sessionId, body),
  }),
};
