import { proxy, wrap } from "comlink";
import type { ChainWorker } from "../../workers/chain-worker.ts";

/** Raised in place of an answer when a question was called off. */
export class Cancelled extends Error {
  constructor() {
    super("cancelled");
    this.name = "Cancelled";
  }
}

/** The planner's worker, which can be stopped: a stopped one is thrown away and a fresh one started. */
export class ChainWorkerClient {
  #worker: Worker | undefined;
  #remote: ChainWorker | undefined;
  #rejectAll = new Set<(error: Error) => void>();

  get #api(): ChainWorker {
    if (!this.#remote) {
      this.#worker = new Worker(new URL("../../workers/chain-worker.ts", import.meta.url), { type: "module" });
      // Every function of the worker answers with a promise already, so its own type holds on this side.
      this.#remote = wrap(this.#worker) as unknown as ChainWorker;
    }
    return this.#remote;
  }

  /** Asks the worker something. @throws Cancelled when `stop` is called before the answer */
  ask<T>(question: (api: ChainWorker) => Promise<T>): Promise<T> {
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
