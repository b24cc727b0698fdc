import type { APIContext, APIRoute } from "astro";
import { ZodError, type z } from "zod";
import { database } from "../db/application-database.ts";
import type { Database } from "../db/database.ts";
import { AppError } from "./errors.ts";

/** No request of ours comes near this; a larger one is a mistake or mischief. */
const LARGEST_BODY = 256 * 1024;

const json = (status: number, body: unknown) =>
  new Response(JSON.stringify(body), { status, headers: { "content-type": "application/json; charset=utf-8" } });

/** A file for the browser to keep, named after what is in it. */
function file(name: string, ending: string, type: string, text: string): Response {
  const plain =
    name
      .normalize("NFKD")
      .replace(/[^\w -]/g, "")
      .trim()
      .replace(/\s+/g, "-")
      .toLowerCase() || "zip-step";
  return new Response(text, {
    headers: {
      "content-type": `${type}; charset=utf-8`,
      "content-disposition": `attachment; filename="${plain}.${ending}"`,
    },
  });
}

export const csvFile = (name: string, csv: string): Response => file(name, "csv", "text/csv", csv);
export const calendarFile = (name: string, text: string): Response => file(name, "ics", "text/calendar", text);

/** Reads a body as JSON. @throws AppError "not-json", "too-large" */
async function readJson(request: Request): Promise<unknown> {
  const text = await request.text();
  if (text.length > LARGEST_BODY) throw new AppError("too-large", "The request is larger than 256 KiB.");
  try {
    return JSON.parse(text);
  } catch {
    throw new AppError("not-json", "The request is not JSON.");
  }
}

/** Parses a value from outside. @throws AppError "invalid" with a line for every field at fault */
export function parseInput<T>(schema: z.ZodType<T>, value: unknown): T {
  const parsed = schema.safeParse(value);
  if (parsed.success) return parsed.data;
  const fields = parsed.error.issues.map((issue) => ({
    field: issue.path.join(".") || "request",
    message: issue.message,
  }));
  throw new AppError("invalid", fields.map((f) => `${f.field}: ${f.message}`).join("; "), fields);
}

function answerError(error: unknown): Response {
  const known = error instanceof AppError ? error : new AppError("internal", "Something went wrong inside Zip Step.");
  // The cause is for the log; parameters (which may hold a nickname) are not.
  if (known.code === "internal" && !(error instanceof ZodError))
    console.error(
      error instanceof Error
        ? `${error.name}: ${String(error.cause ?? error.message).split("\n")[0]}`
        : "unknown error",
    );
  return json(known.status, {
    error: { code: known.code, message: known.message, hint: known.hint, fields: known.fields },
  });
}

interface Call<Body, Query> {
  readonly db: Database;
  readonly body: Body;
  readonly query: Query;
  readonly params: APIContext["params"];
}

/**
 * An endpoint: parse with Zod, call the server module, answer. `undefined` answers 204; errors of the
 * catalogue answer with their status, everything else 500.
 */
export function endpoint<Body = undefined, Query = undefined>(options: {
  body?: z.ZodType<Body>;
  query?: z.ZodType<Query>;
  status?: number;
  run: (call: Call<Body, Query>) => Promise<unknown>;
}): APIRoute {
  return async ({ request, url, params }) => {
    try {
      const body = (options.body ? parseInput(options.body, await readJson(request)) : undefined) as Body;
      const query = (
        options.query ? parseInput(options.query, Object.fromEntries(url.searchParams)) : undefined
      ) as Query;
      const answer = await options.run({ db: await database(), body, query, params });
      if (answer instanceof Response) return answer;
      return answer === undefined ? new Response(null, { status: 204 }) : json(options.status ?? 200, answer);
    } catch (error) {
      return answerError(error);
    }
  };
}
