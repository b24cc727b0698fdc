import { route } from "../http/route.ts";
import { demoToPlant, openDemo, throwDemoAway } from "./demo.ts";

export const DEMO_ROUTES = {
  ...route("POST /api/demo", {
    summary: "Opens the demo, a made-up reading room with its records, beside whatever there is.",
    answers: "the ids of its groups",
    status: 201,
    prepare: ({ db, now }) => demoToPlant(db, now),
    run: ({ db, prepared }) => openDemo(db, prepared),
  }),
  ...route("DELETE /api/demo", {
    summary: "Throws the demo away; for ten minutes it can be opened as it was.",
    answers: "when every row is gone",
    run: ({ db, now }) => throwDemoAway(db, now),
  }),
};
