import { pathId } from "../../../../server/fields.ts";
import { endpoint } from "../../../../server/http.ts";
import { editActivity, editActivityInput } from "../../../../server/lesson-draft.ts";

/** Changes what one drafted activity is done with. */
export const POST = endpoint({
  body: editActivityInput,
  run: ({ db, body, params }) => editActivity(db, pathId(params["id"], "group"), body),
});
