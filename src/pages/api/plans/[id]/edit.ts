import { endpoint } from "../../../../server/http/endpoint.ts";
import { pathId } from "../../../../server/http/fields.ts";
import { editActivity, editActivityInput } from "../../../../server/plans/lesson-draft.ts";
import { checkedPlan } from "../../../../server/plans/plan-check.ts";

/** Changes what one drafted activity is done with. */
export const POST = endpoint({
  body: editActivityInput,
  run: async ({ db, body, params }) => checkedPlan(db, await editActivity(db, pathId(params["id"], "group"), body)),
});
