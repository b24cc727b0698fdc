import { route } from "../http/route.ts";
import { beginRehearsal, eraseRehearsal } from "./rehearsal.ts";

export const REHEARSAL_ROUTES = {
  ...route("POST /api/groups/:groupId/rehearsals", {
    summary: "Begins the group's next lesson with made-up learners, apart from all real records.",
    answers: "the session",
    status: 201,
    run: ({ db, params, now }) => beginRehearsal(db, params.groupId, now),
  }),
  ...route("DELETE /api/groups/:groupId/rehearsal", {
    summary: "Erases a rehearsal: the group of this id, its made-up learners and all that they answered.",
    run: ({ db, params, now }) => eraseRehearsal(db, params.groupId, now),
  }),
};
