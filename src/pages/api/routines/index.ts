import { z } from "zod";
import { endpoint } from "../../../server/http/endpoint.ts";
import { idField } from "../../../server/http/fields.ts";
import { createRoutine, listRoutines, newRoutineInput } from "../../../server/sets/routines.ts";

export const GET = endpoint({
  query: z.object({ group: idField }),
  run: ({ db, query }) => listRoutines(db, query.group),
});

export const POST = endpoint({ body: newRoutineInput, status: 201, run: ({ db, body }) => createRoutine(db, body) });
