import { endpoint } from "../../../server/http.ts";
import { removeTemplate } from "../../../server/templates.ts";

export const DELETE = endpoint({ run: ({ db, params }) => removeTemplate(db, params["id"] ?? "") });
