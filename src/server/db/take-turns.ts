import { setImmediate } from "node:timers/promises";
import type { PGlite } from "@electric-sql/pglite";

/**
 * Lets whoever comes in between the questions of a page. The database answers on the server's own thread: the thirty
 * questions of a page would otherwise be asked one after the other before a mark that has come in meanwhile is even read.
 * Questions within a transaction follow one another as before.
 */
export function takeTurns(client: PGlite): void {
  const query = client.query.bind(client) as (...asked: unknown[]) => unknown;
  const inTurn = async (...asked: unknown[]) => {
    await setImmediate();
    return query(...asked);
  };
  client.query = inTurn as PGlite["query"];
}
