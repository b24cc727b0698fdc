import type { z } from "zod";
import { IDEMPOTENCY_HEADER, WORKSPACE_HEADER } from "../../schemas/headers.ts";
import type { ParamsIn, RouteKey } from "../../server/http/route.ts";
import type { Routes } from "../../server/routes.ts";

/** What the server answers when it refuses: code, what happened, what to do next. */
export interface Refusal {
  readonly code: string;
  readonly message: string;
  readonly hint: string;
}

/** Refusals that are no fault of what was sent. */
const PASSING = /^(internal|disk-full|other-folder|folder-.*)$/;

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
    return this.refusal === undefined || PASSING.test(this.refusal.code);
  }
}

type Key = keyof Routes & RouteKey;

/** Nothing that is sent is changed on the way: lists that cannot be changed will do. Ids go as text. */
type DeepReadonly<T> = T extends z.$brand
  ? string
  : T extends readonly (infer Item)[]
    ? readonly DeepReadonly<Item>[]
    : T extends object
      ? { readonly [Field in keyof T]: DeepReadonly<T[Field]> }
      : T;

/** What an endpoint takes, as it is sent. */
type SentBody<K extends Key> = Routes[K] extends { readonly body?: infer Schema }
  ? NonNullable<Schema> extends z.ZodType<infer Body>
    ? DeepReadonly<Body>
    : undefined
  : undefined;
type SentQuery<K extends Key> = Routes[K] extends { readonly query?: infer Schema }
  ? NonNullable<Schema> extends z.ZodType<infer Query>
    ? DeepReadonly<Query>
    : undefined
  : undefined;

/** What an endpoint answers. */
export type AnswerTo<K extends Key> = Awaited<ReturnType<Routes[K]["run"]>>;

type Params<K extends Key> = [ParamsIn<K>] extends [never]
  ? { readonly params?: undefined }
  : { readonly params: { readonly [Name in ParamsIn<K>]: string } };
type Body<K extends Key> = [SentBody<K>] extends [undefined]
  ? { readonly body?: undefined }
  : { readonly body: SentBody<K> };
type Query<K extends Key> = [SentQuery<K>] extends [undefined]
  ? { readonly query?: undefined }
  : { readonly query: SentQuery<K> };

type Options<K extends Key> = Params<K> &
  Body<K> &
  Query<K> & {
    /** The request goes on though the page is closed, unless it is very large. */
    readonly outlive?: boolean;
    /** Calls the request off: what it asked for is not done, where the server had not begun to store it. */
    readonly signal?: AbortSignal;
  };

/** Browsers let no more than 64 KiB of requests outlive their page. */
const MOST_TO_OUTLIVE = 60_000;

/** Whose records this page shows, as the server wrote it into the page; empty where it did not. */
export const shownWorkspace = (): string =>
  globalThis.document?.querySelector<HTMLMetaElement>("meta[name=workspace]")?.content ?? "";

/** The address of a route with its parameters put in. */
function addressOf(path: string, params: Readonly<Record<string, string>> = {}, query: object = {}): string {
  const address = path.replace(/:(\w+)/g, (_, name: string) => encodeURIComponent(params[name] ?? ""));
  const asked = new URLSearchParams(Object.entries(query).filter(([, value]) => value !== undefined)).toString();
  return asked === "" ? address : `${address}?${asked}`;
}

/** A thing asked for again so soon was asked for by a second press, in milliseconds. */
const SECOND_PRESS_MS = 600;

/** Keys of what is being asked for, or was until just now, by address and body. */
const asking = new Map<string, string>();

/** The key under which something is made: the same one for a second press, with nothing asked for in between. */
function keyFor(asked: string): { readonly key: string; readonly done: () => void } {
  for (const other of asking.keys()) if (other !== asked) asking.delete(other);
  const key = asking.get(asked) ?? crypto.randomUUID();
  asking.set(asked, key);
  return {
    key,
    done: () => void setTimeout(() => asking.get(asked) === key && asking.delete(asked), SECOND_PRESS_MS),
  };
}

/**
 * Calls an endpoint by its key in the map of routes; what it takes and answers is known from there.
 *
 * @throws RequestError
 */
export async function call<K extends Key>(
  key: K,
  ...[options]: Record<string, never> extends Options<K> ? [options?: Options<K>] : [options: Options<K>]
): Promise<AnswerTo<K>> {
  const [method, path = ""] = key.split(" ");
  const { params, body, query, outlive, signal } = (options ?? {}) as {
    readonly params?: Readonly<Record<string, string>>;
    readonly body?: unknown;
    readonly query?: object;
    readonly outlive?: boolean;
    readonly signal?: AbortSignal;
  };
  const text = body === undefined ? undefined : JSON.stringify(body);
  const shown = shownWorkspace();
  const address = addressOf(path, params, query);
  const made = method === "POST" ? keyFor(`${address} ${text}`) : undefined;
  let response: Response;
  try {
    response = await fetch(address, {
      method,
      // Named even where there is no body: a request without a content type is taken for a form from elsewhere.
      headers: {
        "content-type": "application/json",
        ...(shown !== "" && { [WORKSPACE_HEADER]: shown }),
        ...(made && { [IDEMPOTENCY_HEADER]: made.key }),
      },
      ...(text !== undefined && { body: text }),
      ...(signal && { signal }),
      ...(outlive && (text?.length ?? 0) < MOST_TO_OUTLIVE && { keepalive: true }),
    });
  } catch {
    throw new RequestError(undefined);
  } finally {
    made?.done();
  }
  const answer = (await response.json().catch(() => undefined)) as { readonly error?: Refusal } | undefined;
  if (!response.ok) throw new RequestError(answer?.error);
  return answer as AnswerTo<K>;
}
