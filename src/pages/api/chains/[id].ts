import { editChain, editChainInput, getChain } from "../../../server/chains.ts";
import { pathId } from "../../../server/fields.ts";
import { endpoint } from "../../../server/http.ts";

export const GET = endpoint({ run: ({ db, params }) => getChain(db, pathId(params["id"], "chain")) });

export const PUT = endpoint({
  body: editChainInput,
  run: ({ db, body, params }) => editChain(db, pathId(params["id"], "chain"), body),
});
