import { z } from "zod";
import { endpoint } from "../../../server/http/endpoint.ts";
import { idField } from "../../../server/http/fields.ts";
import { createSet, listSets, newSetInput } from "../../../server/sets/word-sets.ts";

export const GET = endpoint({
  query: z.object({ group: idField }),
  run: ({ db, query }) => listSets(db, query.group),
});

export const POST = endpoint({ body: newSetInput, status: 201, run: ({ db, body }) => createSet(db, body) });
