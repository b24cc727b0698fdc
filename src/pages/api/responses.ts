import { endpoint } from "../../server/http.ts";
import { newResponseInput, storeResponse } from "../../server/responses.ts";

export const POST = endpoint({
  body: newResponseInput,
  status: 201,
  run: ({ db, body }) => db.transaction((tx) => storeResponse(tx, body)),
});
