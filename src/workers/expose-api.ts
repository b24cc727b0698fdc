import { expose } from "comlink";
import { shippedLexicon } from "../core/index.ts";

/**
 * Lets pages ask a worker. A worker fetches the word list before it can listen, and what is sent to it meanwhile is lost:
 * it says when it listens, and `WorkerClient` waits for that. The list is opened at once: the page is still busy making
 * itself usable, and its first question would come a quarter of a second later.
 */
export function exposeApi(api: object): void {
  expose(api);
  postMessage("listening");
  shippedLexicon();
  // For `npm run bench`.
  performance.mark("word list open");
}
