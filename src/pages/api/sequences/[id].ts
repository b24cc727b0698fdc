import { endpoint } from "../../../server/http/endpoint.ts";
import { deleteSequence, editSequence, getSequence, sequenceInput } from "../../../server/school/sequences.ts";

export const GET = endpoint({ run: ({ db, params }) => getSequence(db, params["id"] ?? "") });

export const PUT = endpoint({
  body: sequenceInput,
  run: ({ db, body, params }) => editSequence(db, params["id"] ?? "", body),
});

export const DELETE = endpoint({ run: ({ db, params }) => deleteSequence(db, params["id"] ?? "") });
