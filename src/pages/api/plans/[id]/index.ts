import { pathId } from "../../../../server/fields.ts";
import { endpoint } from "../../../../server/http.ts";
import { lookedOver } from "../../../../server/plan-check.ts";
import { changePlan, getPlan, planInput } from "../../../../server/plans.ts";

/** The next lesson of a group, by the group's id. */
export const GET = endpoint({
  run: async ({ db, params }) => lookedOver(db, await getPlan(db, pathId(params["id"], "group"))),
});

export const PUT = endpoint({
  body: planInput,
  run: async ({ db, body, params }) => lookedOver(db, await changePlan(db, pathId(params["id"], "group"), body)),
});
