import { getGroup, moveGroup, moveGroupInput } from "../../../server/groups/groups.ts";
import { endpoint } from "../../../server/http/endpoint.ts";
import { pathId } from "../../../server/http/fields.ts";

export const GET = endpoint({ run: ({ db, params }) => getGroup(db, pathId(params["id"], "group")) });

export const PATCH = endpoint({
  body: moveGroupInput,
  run: ({ db, body, params }) => moveGroup(db, pathId(params["id"], "group"), body),
});
