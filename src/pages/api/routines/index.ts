import { z } from "zod";
import { idField } from "../../../server/fields.ts";
import { endpoint } from "../../../server/http.ts";
import { createRoutine, listRoutines, newRoutineInput } from "../../../server/routines.ts";

export const GET = endpoint({
  query: z.object({ group: idField }),
  run: ({ db, query }) => listRoutines(db, query.group),
});

export const POST = endpoint({ body: newRoutineInput, status: 201, run: ({ db, body }) => createRoutine(db, body) });
