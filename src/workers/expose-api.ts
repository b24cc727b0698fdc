import { expose } from "comlink";

/**
 * Lets pages ask a worker. A worker fetches the word list before it can listen, and what is sent to it meanwhile is lost:
 * it says when it listens, and `WorkerClient` waits for that.
 */
export function exposeApi(api: object): void {
  expose(api);
  postMessage("listening");
}
