import { z } from "zod";
import { idField } from "../../../server/fields.ts";
import { endpoint } from "../../../server/http.ts";
import { listSessions, newSessionInput, startActivity, startSession } from "../../../server/sessions.ts";

export const GET = endpoint({
  query: z.object({ group: idField }),
  run: ({ db, query }) => listSessions(db, query.group),
});

export const POST = endpoint({
  body: newSessionInput,
  status: 201,
  run: ({ db, body }) =>
    "chainId" in body ? startSession(db, body.chainId, new Date()) : startActivity(db, body, new Date()),
});
