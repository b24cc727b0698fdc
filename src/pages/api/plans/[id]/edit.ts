import { pathId } from "../../../../server/fields.ts";
import { endpoint } from "../../../../server/http.ts";
import { editActivity, editActivityInput } from "../../../../server/lesson-draft.ts";
import { lookedOver } from "../../../../server/plan-check.ts";

/** Changes what one drafted activity is done with. */
export const POST = endpoint({
  body: editActivityInput,
  run: async ({ db, body, params }) => lookedOver(db, await editActivity(db, pathId(params["id"], "group"), body)),
});
