import { endpoint } from "../../../../server/http/endpoint.ts";
import { pathId } from "../../../../server/http/fields.ts";
import { draftInput, draftPlan } from "../../../../server/plans/lesson-draft.ts";
import { checkedPlan } from "../../../../server/plans/plan-check.ts";

/** Drafts the group's next lesson. */
export const POST = endpoint({
  body: draftInput,
  run: async ({ db, body, params }) => checkedPlan(db, await draftPlan(db, pathId(params["id"], "group"), body)),
});
