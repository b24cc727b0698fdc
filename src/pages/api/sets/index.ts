import { z } from "zod";
import { idField } from "../../../server/fields.ts";
import { endpoint } from "../../../server/http.ts";
import { createSet, listSets, newSetInput } from "../../../server/word-sets.ts";

export const GET = endpoint({
  query: z.object({ group: idField }),
  run: ({ db, query }) => listSets(db, query.group, ["family", "sort", "pairs", "ears-only"]),
});

export const POST = endpoint({ body: newSetInput, status: 201, run: ({ db, body }) => createSet(db, body) });
