import { pathId } from "../../../server/fields.ts";
import { endpoint } from "../../../server/http.ts";
import { editRoutine, editRoutineInput, getRoutine, removeRoutine } from "../../../server/routines.ts";

export const GET = endpoint({ run: ({ db, params }) => getRoutine(db, pathId(params["id"], "routine")) });

export const PUT = endpoint({
  body: editRoutineInput,
  run: ({ db, body, params }) => editRoutine(db, pathId(params["id"], "routine"), body),
});

export const DELETE = endpoint({ run: ({ db, params }) => removeRoutine(db, pathId(params["id"], "routine")) });
