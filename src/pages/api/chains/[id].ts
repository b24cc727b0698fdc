import { editChain, editChainInput, getChain } from "../../../server/chains/chains.ts";
import { endpoint } from "../../../server/http/endpoint.ts";
import { pathId } from "../../../server/http/fields.ts";

export const GET = endpoint({ run: ({ db, params }) => getChain(db, pathId(params["id"], "chain")) });

export const PUT = endpoint({
  body: editChainInput,
  run: ({ db, body, params }) => editChain(db, pathId(params["id"], "chain"), body),
});
