import { endpoint } from "../../../../server/http/endpoint.ts";
import { pathId } from "../../../../server/http/fields.ts";
import { editDay, editDayInput, fillDay, fillInput } from "../../../../server/sets/routines.ts";

/** The day's items: filled at the first call, the same at the next. */
export const POST = endpoint({
  body: fillInput,
  run: ({ db, body, params }) => fillDay(db, pathId(params["id"], "routine"), body),
});

export const PUT = endpoint({
  body: editDayInput,
  run: ({ db, body, params }) => editDay(db, pathId(params["id"], "routine"), body),
});
