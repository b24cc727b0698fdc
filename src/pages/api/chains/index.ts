import { z } from "zod";
import { createChain, listChains, newChainInput } from "../../../server/chains.ts";
import { idField } from "../../../server/fields.ts";
import { endpoint } from "../../../server/http.ts";

export const GET = endpoint({
  query: z.object({ group: idField }),
  run: ({ db, query }) => listChains(db, query.group),
});

export const POST = endpoint({ body: newChainInput, status: 201, run: ({ db, body }) => createChain(db, body) });
