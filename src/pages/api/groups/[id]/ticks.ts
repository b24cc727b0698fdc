import { tickGroup, ticksInput } from "../../../../server/groups/groups.ts";
import { endpoint } from "../../../../server/http/endpoint.ts";
import { pathId } from "../../../../server/http/fields.ts";

export const PUT = endpoint({
  body: ticksInput,
  run: ({ db, body, params }) => tickGroup(db, pathId(params["id"], "group"), body),
});
