import { endpoint } from "../../../server/http.ts";
import { askedWord, wordQuery } from "../../../server/words.ts";

export const GET = endpoint({
  query: wordQuery,
  run: ({ db, params, query }) => askedWord(db, params["id"] ?? "", query.group),
});
