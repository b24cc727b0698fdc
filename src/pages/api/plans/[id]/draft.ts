import { pathId } from "../../../../server/fields.ts";
import { endpoint } from "../../../../server/http.ts";
import { draftInput, draftPlan } from "../../../../server/lesson-draft.ts";

/** Drafts the group's next lesson. */
export const POST = endpoint({
  body: draftInput,
  run: ({ db, body, params }) => draftPlan(db, pathId(params["id"], "group"), body),
});
