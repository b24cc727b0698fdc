import { pathId } from "../../../../server/fields.ts";
import { endpoint } from "../../../../server/http.ts";
import { addKind, addKindInput } from "../../../../server/lesson-draft.ts";

/** Puts an activity of a kind into the lesson, filled with its words. */
export const POST = endpoint({
  body: addKindInput,
  status: 201,
  run: ({ db, body, params }) => addKind(db, pathId(params["id"], "group"), body),
});
