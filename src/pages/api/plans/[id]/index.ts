import { endpoint } from "../../../../server/http/endpoint.ts";
import { pathId } from "../../../../server/http/fields.ts";
import { checkedPlan } from "../../../../server/plans/plan-check.ts";
import { changePlan, getPlan, planInput } from "../../../../server/plans/plans.ts";

/** The next lesson of a group, by the group's id. */
export const GET = endpoint({
  run: async ({ db, params }) => checkedPlan(db, await getPlan(db, pathId(params["id"], "group"))),
});

export const PUT = endpoint({
  body: planInput,
  run: async ({ db, body, params }) => checkedPlan(db, await changePlan(db, pathId(params["id"], "group"), body)),
});
