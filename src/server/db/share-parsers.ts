import { type PGlite, types } from "@electric-sql/pglite";

/**
 * Types that drizzle-orm wants as the database writes them, to read them itself; the last five are arrays of numeric,
 * timestamp, timestamptz, interval and date. Source: its `pglite/session.js`; a test compares.
 */
export const LEFT_AS_WRITTEN = [
  types.TIMESTAMP,
  types.TIMESTAMPTZ,
  types.INTERVAL,
  types.DATE,
  1231,
  1115,
  1185,
  1187,
  1182,
] as const;

const asWritten = (value: string) => value;

type Query = PGlite["query"];

const withoutParsers = (query: Query): Query => {
  const ask = query as (text: string, params?: unknown[], options?: object) => unknown;
  return ((text: string, params?: unknown[], options?: object) =>
    ask(text, params, { ...options, parsers: undefined })) as Query;
};

/**
 * Tells a client once which types are left as they are written. drizzle-orm tells it with every query, and each time the
 * client copied its table of 318 types: half the time of a short query.
 */
export function shareParsers(client: PGlite): void {
  for (const type of LEFT_AS_WRITTEN) client.parsers[type] = asWritten;
  client.query = withoutParsers(client.query.bind(client));
  const transaction = client.transaction.bind(client);
  client.transaction = (work) =>
    transaction((inside) => {
      inside.query = withoutParsers(inside.query.bind(inside));
      return work(inside);
    });
}
