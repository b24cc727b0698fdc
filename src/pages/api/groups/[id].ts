import { pathId } from "../../../server/fields.ts";
import { getGroup, moveGroup, moveGroupInput } from "../../../server/groups.ts";
import { endpoint } from "../../../server/http.ts";

export const GET = endpoint({ run: ({ db, params }) => getGroup(db, pathId(params["id"], "group")) });

export const PATCH = endpoint({
  body: moveGroupInput,
  run: ({ db, body, params }) => moveGroup(db, pathId(params["id"], "group"), body),
});
