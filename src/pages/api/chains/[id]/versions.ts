import { getChain, listVersions } from "../../../../server/chains.ts";
import { pathId } from "../../../../server/fields.ts";
import { endpoint } from "../../../../server/http.ts";

export const GET = endpoint({
  run: async ({ db, params }) => {
    const { id } = await getChain(db, pathId(params["id"], "chain"));
    return listVersions(db, id);
  },
});
