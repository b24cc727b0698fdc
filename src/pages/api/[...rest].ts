import { endpoint } from "../../server/http/endpoint.ts";
import { AppError } from "../../server/http/errors.ts";

/** Any other address under /api: an answer in words, never a page. */
export const ALL = endpoint({
  run: async () => {
    throw new AppError("not-found", "There is nothing at this address.");
  },
});
