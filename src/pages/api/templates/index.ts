import { endpoint } from "../../../server/http/endpoint.ts";
import { createTemplate, listTemplates, newTemplateInput } from "../../../server/plans/templates.ts";

export const GET = endpoint({ run: ({ db }) => listTemplates(db) });

export const POST = endpoint({ body: newTemplateInput, status: 201, run: ({ db, body }) => createTemplate(db, body) });
