import type { APIRoute } from "astro";
import { openedDatabase } from "../../server/db/application-database.ts";
import { answerRequest } from "../../server/http/answer.ts";

/** Every endpoint: the map of routes (server/routes.ts) says which there are. */
export const ALL: APIRoute = ({ request }) => answerRequest(request, openedDatabase);
