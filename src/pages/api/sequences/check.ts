import { endpoint } from "../../../server/http/endpoint.ts";
import { checkRows, rowsInput } from "../../../server/school/sequences.ts";

/** What rows in the editor teach, and what is wrong with them. */
export const POST = endpoint({ body: rowsInput, run: async ({ body }) => checkRows(body.rows) });
