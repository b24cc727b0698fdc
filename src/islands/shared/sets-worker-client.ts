import type { SetsWorker } from "../../workers/sets-worker.ts";
import { WorkerClient } from "./worker-client.ts";

export type SetsWorkerClient = WorkerClient<SetsWorker>;

/** A worker that makes families, sorts, pairs and ears-only sets. */
export const setsWorker = (): SetsWorkerClient =>
  new WorkerClient(() => new Worker(new URL("../../workers/sets-worker.ts", import.meta.url), { type: "module" }));
