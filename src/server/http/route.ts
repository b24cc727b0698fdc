import type { z } from "zod";
import type { OpenDatabase, Queryable } from "../db/database.ts";
import type { ParamName, ParamValue } from "./params.ts";

/** How an address is called. GET reads, POST makes something new, PUT puts a whole, PATCH edits, DELETE takes away. */
export const METHODS = ["GET", "POST", "PUT", "PATCH", "DELETE"] as const;
export type Method = (typeof METHODS)[number];

/** The names of an address's parameters: of `"GET /api/groups/:groupId"` it is `"groupId"`. */
export type ParamsIn<Path extends string> = Path extends `${string}:${infer Name}/${infer Rest}`
  ? Name | ParamsIn<Rest>
  : Path extends `${string}:${infer Name}.${string}`
    ? Name
    : Path extends `${string}:${infer Name}`
      ? Name
      : never;

/** A method and an address, with the names of what varies in it. */
export type RouteKey = `${Method} /api/${string}`;

/** What an endpoint is called with, parsed. */
export interface Call<Key extends string, Body, Query> {
  /** Of a transaction where the endpoint writes. */
  readonly db: Queryable;
  readonly body: Body;
  readonly query: Query;
  readonly params: { readonly [Name in ParamsIn<Key>]: ParamValue<Name> };
  readonly now: Date;
}

/** One endpoint: what it takes, what it answers, what it does. */
export interface Route<Key extends RouteKey, Body, Query, Answer, Prepared = undefined> {
  /** For whoever reads the list of endpoints: one plain sentence. */
  readonly summary: string;
  /** What is answered, in words; absent where the answer is empty. */
  readonly answers?: string;
  readonly body?: z.ZodType<Body>;
  readonly query?: z.ZodType<Query>;
  /** 200 unless said; an empty answer is 204. */
  readonly status?: 200 | 201;
  /** It reads for long, or writes nothing: no transaction is opened for it. */
  readonly withoutTransaction?: true;
  /** What takes long and stores nothing, done before the transaction is opened: everybody else's writes wait for one. */
  readonly prepare?: (call: Call<Key, Body, Query>) => Promise<Prepared>;
  /** What follows once it is stored; nobody waits for it. */
  readonly afterwards?: (opened: OpenDatabase) => Promise<void>;
  readonly run: (call: Call<Key, Body, Query> & { readonly prepared: Prepared }) => Promise<Answer> | Answer;
}

/** A route under its key, so that maps of routes can be put together: `{ ...route("GET /api/groups", { … }) }`. */
export function route<const Key extends RouteKey, Answer, Body = undefined, Query = undefined, Prepared = undefined>(
  key: Key & (ParamsIn<Key> extends ParamName ? unknown : never),
  definition: Route<Key, Body, Query, Answer, Prepared>,
): { readonly [K in Key]: Route<Key, Body, Query, Answer, Prepared> } {
  return { [key]: definition } as { readonly [K in Key]: Route<Key, Body, Query, Answer, Prepared> };
}

/** Any route, whatever it takes. */
// biome-ignore lint/suspicious/noExplicitAny: the map of routes holds routes of every shape
export type AnyRoute = Route<RouteKey, any, any, unknown, any>;
