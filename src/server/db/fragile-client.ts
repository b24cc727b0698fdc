import type { PGlite } from "@electric-sql/pglite";

/** Ways into the embedded database: whatever is asked of it passes one of these. */
const WAYS_IN = ["execProtocol", "execProtocolStream", "execProtocolRaw", "execProtocolRawSync"] as const;

/** After these the database's process would have ended; embedded, it goes round in circles if it is asked again. */
const DEADLY = new Set(["PANIC", "FATAL"]);

/** A database that has gone down, for want of room on the disk as a rule. Opened anew it recovers from its log. */
export class DatabaseDown extends Error {
  constructor() {
    super("The database went down and has to be opened anew.");
    this.name = "DatabaseDown";
  }
}

const isDeadly = (error: unknown): boolean =>
  error instanceof WebAssembly.RuntimeError || DEADLY.has((error as { readonly severity?: string }).severity ?? "");

/**
 * Watches a database, so that one that has gone down is never asked again.
 *
 * @returns tells whether it is down
 */
export function watchForEnd(client: PGlite): () => boolean {
  let isDown = false;
  const ways = client as unknown as Record<(typeof WAYS_IN)[number], (...sent: unknown[]) => unknown>;
  const note = (error: unknown): never => {
    if (isDeadly(error)) isDown = true;
    throw error;
  };
  for (const name of WAYS_IN) {
    const way = ways[name].bind(client);
    ways[name] = (...sent) => {
      if (isDown) throw new DatabaseDown();
      try {
        const answer = way(...sent);
        return answer instanceof Promise ? answer.catch(note) : answer;
      } catch (error) {
        return note(error);
      }
    };
  }
  return () => isDown;
}
