import { endpoint } from "../../../server/http/endpoint.ts";
import { pathId } from "../../../server/http/fields.ts";
import { editSet, editSetInput, getSet, removeSet } from "../../../server/sets/word-sets.ts";

export const GET = endpoint({ run: ({ db, params }) => getSet(db, pathId(params["id"], "set")) });

export const PUT = endpoint({
  body: editSetInput,
  run: ({ db, body, params }) => editSet(db, pathId(params["id"], "set"), body),
});

export const DELETE = endpoint({ run: ({ db, params }) => removeSet(db, pathId(params["id"], "set")) });
