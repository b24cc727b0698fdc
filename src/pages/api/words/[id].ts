import { endpoint } from "../../../server/http/endpoint.ts";
import { askedWord, wordQuery } from "../../../server/school/words.ts";

export const GET = endpoint({
  query: wordQuery,
  run: ({ db, params, query }) => askedWord(db, params["id"] ?? "", query.group),
});
