import { evidenceQuery, evidenceReport } from "../../server/evidence.ts";
import { endpoint } from "../../server/http.ts";

export const GET = endpoint({ query: evidenceQuery, run: ({ db, query }) => evidenceReport(db, query) });
