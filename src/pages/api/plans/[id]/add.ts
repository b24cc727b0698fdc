import { pathId } from "../../../../server/fields.ts";
import { endpoint } from "../../../../server/http.ts";
import { addKind, addKindInput } from "../../../../server/lesson-draft.ts";
import { lookedOver } from "../../../../server/plan-check.ts";

/** Puts an activity of a kind into the lesson, filled with its words. */
export const POST = endpoint({
  body: addKindInput,
  status: 201,
  run: async ({ db, body, params }) => lookedOver(db, await addKind(db, pathId(params["id"], "group"), body)),
});
