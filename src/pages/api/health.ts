import { z } from "zod";
import { endpoint } from "../../server/http/endpoint.ts";

/** Answers once the data folder is open and migrated: what the start script waits for. */
export const GET = endpoint({ query: z.object({}), run: async () => ({ ok: true }) });
