import { endpoint } from "../../../server/http/endpoint.ts";
import { addActivity, addActivityInput } from "../../../server/plans/plans.ts";

export const POST = endpoint({ body: addActivityInput, status: 201, run: ({ db, body }) => addActivity(db, body) });
