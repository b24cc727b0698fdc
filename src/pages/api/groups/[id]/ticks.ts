import { pathId } from "../../../../server/fields.ts";
import { tickGroup, ticksInput } from "../../../../server/groups.ts";
import { endpoint } from "../../../../server/http.ts";

export const PUT = endpoint({
  body: ticksInput,
  run: ({ db, body, params }) => tickGroup(db, pathId(params["id"], "group"), body),
});
