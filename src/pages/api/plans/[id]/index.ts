import { pathId } from "../../../../server/fields.ts";
import { endpoint } from "../../../../server/http.ts";
import { changePlan, getPlan, planInput } from "../../../../server/plans.ts";

/** The next lesson of a group, by the group's id. */
export const GET = endpoint({ run: ({ db, params }) => getPlan(db, pathId(params["id"], "group")) });

export const PUT = endpoint({
  body: planInput,
  run: ({ db, body, params }) => changePlan(db, pathId(params["id"], "group"), body),
});
