import { z } from "zod";
import { idField } from "../../../server/fields.ts";
import { endpoint } from "../../../server/http.ts";
import { listSessions } from "../../../server/sessions.ts";
import { newSessionInput, startSession } from "../../../server/start-session.ts";

export const GET = endpoint({
  query: z.object({ group: idField }),
  run: ({ db, query }) => listSessions(db, query.group),
});

export const POST = endpoint({
  body: newSessionInput,
  status: 201,
  run: ({ db, body }) => startSession(db, body, new Date()),
});
