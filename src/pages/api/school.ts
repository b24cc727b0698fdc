import { endpoint } from "../../server/http/endpoint.ts";
import { getSchool, saveSchool, schoolInput } from "../../server/school/school.ts";

export const GET = endpoint({ run: ({ db }) => getSchool(db) });

export const PUT = endpoint({ body: schoolInput, run: ({ db, body }) => saveSchool(db, body) });
