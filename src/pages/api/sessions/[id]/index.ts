import { pathId } from "../../../../server/fields.ts";
import { endpoint } from "../../../../server/http.ts";
import { sessionResponses } from "../../../../server/responses.ts";
import { changeSession, getSession, sessionChangeInput } from "../../../../server/sessions.ts";

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
