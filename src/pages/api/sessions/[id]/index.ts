import { sessionResponses } from "../../../../server/evidence/responses.ts";
import { endpoint } from "../../../../server/http/endpoint.ts";
import { pathId } from "../../../../server/http/fields.ts";
import { changeSession, getSession, sessionChangeInput } from "../../../../server/sessions/sessions.ts";

export const GET = endpoint({
  run: async ({ db, params }) => {
    const id = pathId(params["id"], "session");
    return { session: await getSession(db, id), responses: await sessionResponses(db, id) };
  },
});

export const PATCH = endpoint({
  body: sessionChangeInput,
  run: ({ db, body, params }) => changeSession(db, pathId(params["id"], "session"), body, new Date()),
});
