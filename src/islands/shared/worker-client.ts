import { proxy, wrap } from "comlink";

/** Raised in place of an answer when a question was called off. */
export class Cancelled extends Error {
  constructor() {
    super("cancelled");
    this.name = "Cancelled";
  }
}

/** A worker that can be stopped: a stopped one is thrown away and a fresh one started. */
export class WorkerClient<Api> {
  readonly #start: () => Worker;
  #worker: Worker | undefined;
  #remote: Api | undefined;
  #rejectAll = new Set<(error: Error) => void>();

  /** @param start makes the worker; called when the first question comes */
  constructor(start: () => Worker) {
    this.#start = start;
  }

  get #api(): Api {
    if (!this.#remote) {
      this.#worker = this.#start();
      // Every function of the worker answers with a promise already, so its own type holds on this side.
      this.#remote = wrap(this.#worker) as unknown as Api;
    }
    return this.#remote;
  }

  /** Asks the worker something. @throws Cancelled when `stop` is called before the answer */
  ask<T>(question: (api: Api) => Promise<T>): Promise<T> {
    return new Promise<T>((resolve, reject) => {
      this.#rejectAll.add(reject);
      question(this.#api)
        .then(resolve, reject)
        .finally(() => this.#rejectAll.delete(reject));
    });
  }

  /** A callback that the worker may call while it works. */
  progress(callback: (done: number, all: number) => void): (done: number, all: number) => void {
    return proxy(callback);
  }

  /** Stops whatever runs. */
  stop(): void {
    this.#worker?.terminate();
    this.#worker = undefined;
    this.#remote = undefined;
    const waiting = [...this.#rejectAll];
    this.#rejectAll.clear();
    for (const reject of waiting) reject(new Cancelled());
  }
}
