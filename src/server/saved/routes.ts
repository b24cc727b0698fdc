import { route } from "../http/route.ts";
import { savedItems } from "./saved-page.ts";

export const SAVED_ROUTES = {
  ...route("GET /api/saved", {
    summary:
      "Chains, sets, texts, routines, templates and lessons of every group in sight, the one touched last first.",
    answers: "what was saved or taught, with its words",
    run: ({ db }) => savedItems(db),
  }),
};
