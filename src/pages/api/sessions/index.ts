import { z } from "zod";
import { endpoint } from "../../../server/http/endpoint.ts";
import { idField } from "../../../server/http/fields.ts";
import { listSessions } from "../../../server/sessions/sessions.ts";
import { newSessionInput, startSession } from "../../../server/sessions/start-session.ts";

export const GET = endpoint({
  query: z.object({ group: idField }),
  run: ({ db, query }) => listSessions(db, query.group),
});

export const POST = endpoint({
  body: newSessionInput,
  status: 201,
  run: ({ db, body }) => startSession(db, body, new Date()),
});
