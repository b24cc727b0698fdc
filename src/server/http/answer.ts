import { match } from "path-to-regexp";
import type { z } from "zod";
import { WORKSPACE_HEADER } from "../../schemas/headers.ts";
import type { OpenDatabase } from "../db/database.ts";
import { ROUTES } from "../routes.ts";
import { cleanTexts } from "./clean-texts.ts";
import { AppError } from "./errors.ts";
import { logError } from "./log-error.ts";
import { madeOnce } from "./made-once.ts";
import { type ParamName, parseParam } from "./params.ts";
import { type AnyRoute, METHODS, type Method } from "./route.ts";

const json = (status: number, body: unknown, headers: Record<string, string> = {}) =>
  new Response(JSON.stringify(body), {
    status,
    headers: { "content-type": "application/json; charset=utf-8", ...headers },
  });

/** Reads a body as JSON; how large it may be is seen to before (`door/`). @throws AppError "not-json", "invalid" */
async function readJson(request: Request): Promise<unknown> {
  const text = await request.text();
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    throw new AppError("not-json", "The request is not JSON.");
  }
  return cleanTexts(value);
}

const valueAt = (value: unknown, path: readonly PropertyKey[]): unknown =>
  path.reduce<unknown>((at, key) => (at as Record<PropertyKey, unknown> | undefined)?.[key], value);

/** Where several shapes would do, the one that the value comes nearest to says what is wrong. */
function issuesOf(issue: z.core.$ZodIssue, value: unknown): readonly z.core.$ZodIssue[] {
  if (issue.code !== "invalid_union") return [issue];
  const inPlace = issue.errors.map((errors) => errors.map((one) => ({ ...one, path: [...issue.path, ...one.path] })));
  const missing = (errors: readonly z.core.$ZodIssue[]) =>
    errors.filter(({ path }) => valueAt(value, path) === undefined).length;
  const [nearest = []] = inPlace.sort((a, b) => missing(a) - missing(b) || a.length - b.length);
  return nearest.flatMap((one) => issuesOf(one, value));
}

/** Parses a value from outside. @throws AppError "invalid" with a line for every field at fault */
export function parseInput<T>(schema: z.ZodType<T>, value: unknown): T {
  const parsed = schema.safeParse(value);
  if (parsed.success) return parsed.data;
  const fields = parsed.error.issues
    .flatMap((issue) => issuesOf(issue, value))
    .map((issue) => ({
      field: issue.path.join(".") || "request",
      message: issue.message,
    }));
  throw new AppError("invalid", fields.map((f) => `${f.field}: ${f.message}`).join("; "), fields);
}

function answerError(error: unknown): Response {
  const known = error instanceof AppError ? error : new AppError("internal", "Something went wrong inside Zip Step.");
  if (known.code === "internal") logError(error);
  const { code, message, hint, fields } = known;
  return json(known.status, { error: { code, message, hint, fields } });
}

/** What cannot be decoded is passed on as it stands: it names nothing. */
function decode(text: string): string {
  try {
    return decodeURIComponent(text);
  } catch {
    return text;
  }
}

/** One address with the methods it knows. */
interface Address {
  readonly find: (path: string) => Readonly<Record<string, string>> | undefined;
  readonly routes: ReadonlyMap<Method, AnyRoute>;
}

const ADDRESSES: readonly Address[] = (() => {
  const byPath = new Map<string, Map<Method, AnyRoute>>();
  for (const [key, route] of Object.entries(ROUTES) as [string, AnyRoute][]) {
    const [method, path = ""] = key.split(" ") as [Method, string];
    byPath.set(path, (byPath.get(path) ?? new Map()).set(method, route));
  }
  return [...byPath].map(([path, routes]) => {
    const matches = match(path, { decode });
    return {
      routes,
      find: (asked: string) => {
        const found = matches(asked);
        return found ? (found.params as Record<string, string>) : undefined;
      },
    };
  });
})();

async function run(
  route: AnyRoute,
  params: Record<string, string>,
  request: Request,
  opened: OpenDatabase,
): Promise<Response> {
  const { searchParams } = new URL(request.url);
  const parsed = {
    params: Object.fromEntries(
      Object.entries(params).map(([name, value]) => [name, parseParam(name as ParamName, value)]),
    ),
    body: route.body && parseInput(route.body, await readJson(request)),
    query: route.query && parseInput(route.query, cleanTexts(Object.fromEntries(searchParams))),
    now: new Date(),
  };
  const meant = request.headers.get(WORKSPACE_HEADER);
  if (meant !== null && meant !== opened.workspaceId)
    throw new AppError("other-folder", "This page belongs to another data folder than the one that is open now.");
  const writes = request.method !== "GET" && route.withoutTransaction === undefined;
  const prepared = await route.prepare?.({ ...parsed, db: opened.db } as never);
  // Whoever asked has called it off meanwhile: nothing of it is stored.
  if (route.prepare && request.signal.aborted) throw new AppError("stopped", "This was stopped.");
  const answer = writes
    ? await opened.write(async (db) => route.run({ ...parsed, prepared, db } as never))
    : await route.run({ ...parsed, prepared, db: opened.db } as never);
  void route.afterwards?.(opened);
  if (answer instanceof Response) return answer;
  return answer === undefined ? new Response(null, { status: 204 }) : json(route.status ?? 200, answer);
}

/**
 * Answers a request to /api: finds its route, parses what it is called with, runs it, in one transaction where it
 * writes. Errors of the catalogue answer with their status, everything else 500.
 *
 * @param open opens the database, or gives the one that is open
 * @throws what is no fault of the request's: the framework answers it
 */
export async function answerRequest(request: Request, open: () => Promise<OpenDatabase>): Promise<Response> {
  try {
    const { pathname } = new URL(request.url);
    for (const { find, routes } of ADDRESSES) {
      const params = find(pathname);
      if (!params) continue;
      const route = routes.get(request.method as Method);
      if (route) return await madeOnce(request, async () => run(route, params, request, await open()));
      const allowed = METHODS.filter((method) => routes.has(method));
      const refusal = answerError(new AppError("wrong-method", `This address answers ${allowed.join(", ")}.`));
      refusal.headers.set("allow", allowed.join(", "));
      return refusal;
    }
    throw new AppError("not-found", "There is nothing at this address.");
  } catch (error) {
    return answerError(error);
  }
}
