import { getChain, listVersions } from "../../../../server/chains/chains.ts";
import { endpoint } from "../../../../server/http/endpoint.ts";
import { pathId } from "../../../../server/http/fields.ts";

export const GET = endpoint({
  run: async ({ db, params }) => {
    const { id } = await getChain(db, pathId(params["id"], "chain"));
    return listVersions(db, id);
  },
});
