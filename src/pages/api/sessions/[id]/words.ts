import { endpoint } from "../../../../server/http/endpoint.ts";
import { pathId } from "../../../../server/http/fields.ts";
import { addWords, addWordsInput } from "../../../../server/sessions/session-words.ts";

export const POST = endpoint({
  body: addWordsInput,
  run: ({ db, body, params }) => addWords(db, pathId(params["id"], "session"), body),
});
