import { endpoint } from "../../../server/http/endpoint.ts";
import { removeTemplate } from "../../../server/plans/templates.ts";

export const DELETE = endpoint({ run: ({ db, params }) => removeTemplate(db, params["id"] ?? "") });
