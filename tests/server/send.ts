import { openedDatabase } from "../../src/server/db/application-database.ts";
import { answerRequest } from "../../src/server/http/answer.ts";
import type { RouteKey } from "../../src/server/http/route.ts";

export interface Answer {
  readonly status: number;
  readonly headers: Headers;
  // biome-ignore lint/suspicious/noExplicitAny: what an endpoint answers is what is under test
  readonly body: any;
}

interface Options {
  readonly body?: unknown;
  /** In the place of a body that is JSON. */
  readonly raw?: string;
  /** Put into the address for its first parameter. */
  readonly id?: string;
  /** Put into the address by name. */
  readonly params?: Readonly<Record<string, string>>;
  readonly query?: string;
}

/** Calls an endpoint as the server calls it, by its key in the map of routes or by any other method and address. */
export async function send(key: RouteKey, { body, raw, id, params = {}, query }: Options = {}): Promise<Answer> {
  const [method, path = ""] = key.split(" ");
  const first = /:(\w+)/.exec(path)?.[1];
  const values = { ...params, ...(id !== undefined && first !== undefined && { [first]: id }) };
  const address = path.replace(/:(\w+)/g, (_, name: string) => encodeURIComponent(values[name] ?? ""));
  const text = raw ?? (body === undefined ? undefined : JSON.stringify(body));
  const response = await answerRequest(
    new Request(`http://127.0.0.1${address}?${query ?? ""}`, { method, ...(text !== undefined && { body: text }) }),
    openedDatabase,
  );
  const { status, headers } = response;
  if (status === 204) return { status, headers, body: undefined };
  const isJson = headers.get("content-type")?.startsWith("application/json");
  return { status, headers, body: isJson ? await response.json() : await response.text() };
}
