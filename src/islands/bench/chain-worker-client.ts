import type { ChainWorker } from "../../workers/chain-worker.ts";
import { WorkerClient } from "../shared/worker-client.ts";

export type ChainWorkerClient = WorkerClient<ChainWorker>;

/** A worker that plans, judges and describes chains. */
export const chainWorker = (): ChainWorkerClient =>
  new WorkerClient(() => new Worker(new URL("../../workers/chain-worker.ts", import.meta.url), { type: "module" }));
