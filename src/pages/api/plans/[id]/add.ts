import { endpoint } from "../../../../server/http/endpoint.ts";
import { pathId } from "../../../../server/http/fields.ts";
import { addKind, addKindInput } from "../../../../server/plans/lesson-draft.ts";
import { checkedPlan } from "../../../../server/plans/plan-check.ts";

/** Puts an activity of a kind into the lesson, filled with its words. */
export const POST = endpoint({
  body: addKindInput,
  status: 201,
  run: async ({ db, body, params }) => checkedPlan(db, await addKind(db, pathId(params["id"], "group"), body)),
});
