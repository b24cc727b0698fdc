import { endpoint } from "../../../server/http/endpoint.ts";
import { createSequence, listSequences, sequenceInput } from "../../../server/school/sequences.ts";

export const GET = endpoint({ run: ({ db }) => listSequences(db) });

export const POST = endpoint({ body: sequenceInput, status: 201, run: ({ db, body }) => createSequence(db, body) });
