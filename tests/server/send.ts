import type { APIContext, APIRoute } from "astro";

export interface Answer {
  readonly status: number;
  // biome-ignore lint/suspicious/noExplicitAny: what an endpoint answers is what is under test
  readonly body: any;
}

/** Calls an endpoint as the server calls it. */
export async function send(
  route: APIRoute | undefined,
  options: { body?: unknown; raw?: string; id?: string; query?: string } = {},
): Promise<Answer> {
  const url = new URL(`http://127.0.0.1/api?${options.query ?? ""}`);
  const text = options.raw ?? (options.body === undefined ? undefined : JSON.stringify(options.body));
  const request = new Request(url, { method: "POST", ...(text !== undefined && { body: text }) });
  const response = await (route as (context: Partial<APIContext>) => Promise<Response>)({
    request,
    url,
    params: { id: options.id },
  });
  if (response.status === 204) return { status: 204, body: undefined };
  const isJson = response.headers.get("content-type")?.startsWith("application/json");
  return { status: response.status, body: isJson ? await response.json() : await response.text() };
}
