import { createServer, type IncomingMessage, type Server, type ServerResponse } from "node:http";
import sirv from "sirv";
import { AppError } from "../http/errors.ts";
import { allowedHosts } from "./hosts.ts";
import { judgeRequest, type Refusal } from "./judge-request.ts";
import { HEAD_MS, KEEP_ALIVE_MS, REQUEST_MS } from "./limits.ts";
import { readBody } from "./read-body.ts";
import { CLOSED_POLICY, FILE_POLICY, SECURITY_HEADERS } from "./security-headers.ts";

/** What makes pages and answers: it takes a body that has been read. */
export type Handler = (request: IncomingMessage & { body?: string }, response: ServerResponse) => Promise<void>;

interface ServeOptions {
  readonly handler: Handler;
  /** Folder of the files that browsers fetch as they are. */
  readonly files: string;
  readonly hosts?: ReadonlySet<string>;
}

/** Answers a refusal as endpoints answer theirs. */
function refuse(response: ServerResponse, { code, message }: Refusal): void {
  const { status, hint, fields } = new AppError(code, message);
  response.writeHead(status, {
    "content-type": "application/json; charset=utf-8",
    "content-security-policy": CLOSED_POLICY,
    // What is left of the request is not read.
    connection: "close",
  });
  response.end(JSON.stringify({ error: { code, message, hint, fields } }));
}

/** The HTTP server: every request is looked at before anything is done for it. It does not listen yet. */
export function makeServer({ handler, files, hosts = allowedHosts() }: ServeOptions): Server {
  const assets = sirv(files, { etag: true, brotli: true, setHeaders: (response) => cacheForever(response) });
  const answer = async (request: IncomingMessage & { body?: string }, response: ServerResponse) => {
    for (const [name, value] of Object.entries(SECURITY_HEADERS)) response.setHeader(name, value);
    const { method = "", url = "", headers } = request;
    const refusal = judgeRequest({ method, url, headers }, hosts);
    if (refusal) return refuse(response, refusal);
    if (method === "GET" || method === "HEAD") {
      response.setHeader("content-security-policy", FILE_POLICY);
      return assets(request, response, () => handler(request, response));
    }
    const body = await readBody(request);
    if (body === undefined) return refuse(response, { code: "too-large", message: "The request is too large." });
    request.body = body;
    return handler(request, response);
  };
  const server = createServer({ headersTimeout: HEAD_MS, requestTimeout: REQUEST_MS }, (request, response) => {
    answer(request, response).catch(() => {
      // The browser has gone, or went while it was sending.
      if (response.headersSent) response.destroy();
      else refuse(response, { code: "internal", message: "Something went wrong inside Zip Step." });
    });
  });
  server.keepAliveTimeout = KEEP_ALIVE_MS;
  return server;
}

/** Files whose names change with what is in them need not be asked for again. */
function cacheForever(response: ServerResponse): void {
  const isNamedByContent = response.req.url?.startsWith("/_astro/") ?? false;
  response.setHeader("cache-control", isNamedByContent ? "public, max-age=31536000, immutable" : "no-cache");
}
