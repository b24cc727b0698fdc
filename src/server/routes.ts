import { BACKUP_ROUTES } from "./backup/routes.ts";
import { CHAIN_ROUTES } from "./chains/routes.ts";
import { DEMO_ROUTES } from "./demo/routes.ts";
import { EVIDENCE_ROUTES } from "./evidence/routes.ts";
import { GROUP_ROUTES } from "./groups/routes.ts";
import { openApi } from "./http/openapi.ts";
import { type AnyRoute, route } from "./http/route.ts";
import { PLAN_ROUTES } from "./plans/routes.ts";
import { REHEARSAL_ROUTES } from "./rehearsal/routes.ts";
import { SAVED_ROUTES } from "./saved/routes.ts";
import { SCHOOL_ROUTES } from "./school/routes.ts";
import { SESSION_ROUTES } from "./sessions/routes.ts";
import { SET_ROUTES } from "./sets/routes.ts";

const ANSWERED = {
  ...route("GET /api/health", {
    summary: "Answers once the data folder is open and migrated.",
    answers: "that it is",
    run: () => ({ ok: true }),
  }),
  ...GROUP_ROUTES,
  ...PLAN_ROUTES,
  ...CHAIN_ROUTES,
  ...SET_ROUTES,
  ...SESSION_ROUTES,
  ...EVIDENCE_ROUTES,
  ...SAVED_ROUTES,
  ...SCHOOL_ROUTES,
  ...BACKUP_ROUTES,
  ...DEMO_ROUTES,
  ...REHEARSAL_ROUTES,
};

/**
 * Every endpoint there is: method, address, what it takes, what it answers. The one file under pages/api/ answers by
 * this map, the client's calls are typed by it (islands/shared/client.ts), and OpenAPI is written from it.
 */
export const ROUTES = {
  ...ANSWERED,
  ...route("GET /api/openapi.json", {
    summary: "This list, as OpenAPI 3.1.",
    answers: "an OpenAPI description",
    run: (): unknown => openApi(ROUTES as Readonly<Record<string, AnyRoute>>),
  }),
};

export type Routes = typeof ROUTES;
