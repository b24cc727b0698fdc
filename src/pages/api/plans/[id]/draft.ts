import { pathId } from "../../../../server/fields.ts";
import { endpoint } from "../../../../server/http.ts";
import { draftInput, draftPlan } from "../../../../server/lesson-draft.ts";
import { lookedOver } from "../../../../server/plan-check.ts";

/** Drafts the group's next lesson. */
export const POST = endpoint({
  body: draftInput,
  run: async ({ db, body, params }) => lookedOver(db, await draftPlan(db, pathId(params["id"], "group"), body)),
});
