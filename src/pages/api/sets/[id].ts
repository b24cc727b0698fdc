import { pathId } from "../../../server/fields.ts";
import { endpoint } from "../../../server/http.ts";
import { editSet, editSetInput, getSet, removeSet } from "../../../server/word-sets.ts";

export const GET = endpoint({ run: ({ db, params }) => getSet(db, pathId(params["id"], "set")) });

export const PUT = endpoint({
  body: editSetInput,
  run: ({ db, body, params }) => editSet(db, pathId(params["id"], "set"), body),
});

export const DELETE = endpoint({ run: ({ db, params }) => removeSet(db, pathId(params["id"], "set")) });
