import type { TextWorker } from "../../workers/text-worker.ts";
import { WorkerClient } from "../shared/worker-client.ts";

export type TextWorkerClient = WorkerClient<TextWorker>;

/** A worker that judges texts and makes sentences. */
export const textWorker = (): TextWorkerClient =>
  new WorkerClient(() => new Worker(new URL("../../workers/text-worker.ts", import.meta.url), { type: "module" }));
