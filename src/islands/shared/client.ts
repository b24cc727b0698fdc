/** What the server answers when it refuses: code, what happened, what to do next. */
export interface Refusal {
  readonly code: string;
  readonly message: string;
  readonly hint: string;
}

/** A refusal, or a server that cannot be reached. */
export class RequestError extends Error {
  readonly refusal: Refusal | undefined;

  constructor(refusal: Refusal | undefined) {
    super(
      refusal
        ? `${refusal.message} ${refusal.hint}`
        : "Zip Step cannot be reached. Nothing is lost; try again when it runs.",
    );
    this.name = "RequestError";
    this.refusal = refusal;
  }

  /** True when sending again later can help: no answer, or the server's own trouble. */
  get passing(): boolean {
    return this.refusal === undefined || this.refusal.code === "internal" || this.refusal.code.startsWith("folder-");
  }
}

/** Browsers let no more than 64 KiB of requests outlive their page. */
const MOST_TO_OUTLIVE = 60_000;

/**
 * Calls an endpoint.
 * @param outlive the request goes on though the page is left, unless it is very large
 * @throws RequestError
 */
export async function call<T>(method: string, path: string, body?: unknown, outlive = false): Promise<T> {
  let response: Response;
  const text = body === undefined ? undefined : JSON.stringify(body);
  try {
    response = await fetch(path, {
      method,
      // Named even where there is no body: a request without a content type is taken for a form from elsewhere.
      headers: { "content-type": "application/json" },
      ...(text !== undefined && { body: text }),
      ...(outlive && (text?.length ?? 0) < MOST_TO_OUTLIVE && { keepalive: true }),
    });
  } catch {
    throw new RequestError(undefined);
  }
  const answer = (await response.json().catch(() => undefined)) as { error?: Refusal } | undefined;
  if (!response.ok) throw new RequestError(answer?.error);
  return answer as T;
}
