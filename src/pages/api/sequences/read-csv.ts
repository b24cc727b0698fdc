import { endpoint } from "../../../server/http/endpoint.ts";
import { csvInput, readCsv } from "../../../server/school/sequences.ts";

/** Rows of a CSV file for the editor, with every problem by line. Stores nothing. */
export const POST = endpoint({ body: csvInput, run: async ({ body }) => readCsv(body.csv) });
