import { evidenceQuery, evidenceReport } from "../../server/evidence/evidence.ts";
import { endpoint } from "../../server/http/endpoint.ts";

export const GET = endpoint({ query: evidenceQuery, run: ({ db, query }) => evidenceReport(db, query) });
