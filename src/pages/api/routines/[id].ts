import { endpoint } from "../../../server/http/endpoint.ts";
import { pathId } from "../../../server/http/fields.ts";
import { editRoutine, editRoutineInput, getRoutine, removeRoutine } from "../../../server/sets/routines.ts";

export const GET = endpoint({ run: ({ db, params }) => getRoutine(db, pathId(params["id"], "routine")) });

export const PUT = endpoint({
  body: editRoutineInput,
  run: ({ db, body, params }) => editRoutine(db, pathId(params["id"], "routine"), body),
});

export const DELETE = endpoint({ run: ({ db, params }) => removeRoutine(db, pathId(params["id"], "routine")) });
