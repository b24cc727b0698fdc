import { newResponseInput, storeResponse } from "../../server/evidence/responses.ts";
import { endpoint } from "../../server/http/endpoint.ts";

export const POST = endpoint({
  body: newResponseInput,
  status: 201,
  run: ({ db, body }) => db.transaction((tx) => storeResponse(tx, body)),
});
