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
  #remote: Promise<Api> | undefined;
  #rejectAll = new Set<(error: Error) => void>();

  /** @param start makes the worker; called when the first question comes */
  constructor(start: () => Worker) {
    this.#start = start;
  }

  /** The worker once it listens. */
  get #api(): Promise<Api> {
    this.#remote ??= new Promise<Api>((resolve, reject) => {
      const worker = this.#start();
      this.#worker = worker;
      // Every function of the worker answers with a promise already, so its own type holds on this side.
      worker.addEventListener("message", () => resolve(wrap(worker) as unknown as Api), { once: true });
      worker.addEventListener("error", () => {
        // The next question starts another.
        if (this.#worker === worker) this.#remote = undefined;
        reject(new Error("The worker did not start."));
      });
    });
    return this.#remote;
  }

  /** Asks the worker something. @throws Cancelled when `stop` is called before the answer, Error when it does not start */
  ask<T>(question: (api: Api) => Promise<T>): Promise<T> {
    return new Promise<T>((resolve, reject) => {
      this.#rejectAll.add(reject);
      this.#api
        .then(question)
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
