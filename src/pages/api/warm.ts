import { endpoint } from "../../server/http/endpoint.ts";
import { warmUp } from "../../server/plans/warm-up.ts";

/** Makes the first lesson of the day as quick to draft as the others: the start script asks for it. */
export const POST = endpoint({
  run: async ({ db }) => {
    await warmUp(db);
    return { ok: true };
  },
});
