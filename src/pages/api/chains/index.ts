import { z } from "zod";
import { createChain, listChains, newChainInput } from "../../../server/chains/chains.ts";
import { endpoint } from "../../../server/http/endpoint.ts";
import { idField } from "../../../server/http/fields.ts";

export const GET = endpoint({
  query: z.object({ group: idField }),
  run: ({ db, query }) => listChains(db, query.group),
});

export const POST = endpoint({ body: newChainInput, status: 201, run: ({ db, body }) => createChain(db, body) });
