import { endpoint } from "../../../server/http.ts";
import { groupWordCard, wordQuery } from "../../../server/words.ts";

export const GET = endpoint({
  query: wordQuery,
  run: ({ db, params, query }) => groupWordCard(db, params["id"] ?? "", query.group),
});
