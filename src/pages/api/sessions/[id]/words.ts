import { pathId } from "../../../../server/fields.ts";
import { endpoint } from "../../../../server/http.ts";
import { addWords, addWordsInput } from "../../../../server/session-words.ts";

export const POST = endpoint({
  body: addWordsInput,
  run: ({ db, body, params }) => addWords(db, pathId(params["id"], "session"), body),
});
