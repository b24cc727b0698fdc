import { editChainInput, newChainInput } from "../../schemas/chains.ts";
import { ofGroupQuery } from "../../schemas/fields.ts";
import { changeSavedInput } from "../../schemas/saved.ts";
import { route } from "../http/route.ts";
import { changeChain, createChain, editChain, getChain, listChains, listVersions, removeChain } from "./chains.ts";

export const CHAIN_ROUTES = {
  ...route("GET /api/chains", {
    summary: "Lists a group's chains, the one touched last first.",
    answers: "chains",
    query: ofGroupQuery,
    run: ({ db, query }) => listChains(db, query.groupId),
  }),
  ...route("POST /api/chains", {
    summary: "Saves a new chain.",
    answers: "the chain",
    body: newChainInput,
    status: 201,
    run: ({ db, body }) => createChain(db, body),
  }),
  ...route("GET /api/chains/:chainId", {
    summary: "One chain.",
    answers: "the chain",
    run: ({ db, params }) => getChain(db, params.chainId),
  }),
  ...route("PUT /api/chains/:chainId", {
    summary: "Saves a chain anew; the state before is kept as a version.",
    answers: "the chain",
    body: editChainInput,
    run: ({ db, params, body }) => editChain(db, params.chainId, body),
  }),
  ...route("PATCH /api/chains/:chainId", {
    summary: "Gives a chain another title, or puts it away or takes it up again.",
    answers: "the chain",
    body: changeSavedInput,
    run: ({ db, params, body }) => changeChain(db, params.chainId, body),
  }),
  ...route("DELETE /api/chains/:chainId", {
    summary: "Takes a chain away; lessons that were taught with it stay.",
    run: ({ db, params }) => removeChain(db, params.chainId),
  }),
  ...route("GET /api/chains/:chainId/versions", {
    summary: "The states a chain was saved in, the latest first.",
    answers: "versions",
    run: async ({ db, params }) => listVersions(db, (await getChain(db, params.chainId)).id),
  }),
};
