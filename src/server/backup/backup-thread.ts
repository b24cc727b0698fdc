import { MessageChannel } from "node:worker_threads";
import Tinypool from "tinypool";
import { AppError } from "../http/errors.ts";
import { threadFile } from "../threads.ts";
import type { BackupHeader } from "./backup-file.ts";
import type { BackupProgress, Watching } from "./backup-progress.ts";
import { type BackupTask, doTask, type TaskEnd } from "./worker.ts";

/**
 * Does what takes long about a backup on a thread of its own, so that nobody waits for it and its memory is given back.
 *
 * @throws AppError "backup-damaged", "disk-full"; "stopped" when it was
 */
export async function backupTask(task: BackupTask, watching: Watching = {}): Promise<BackupHeader> {
  const { signal } = watching;
  try {
    signal?.throwIfAborted();
    const filename = threadFile("backup-worker");
    const header = await (filename ? inThread(filename, task, watching) : doTask(task, watching));
    signal?.throwIfAborted();
    return header;
  } catch (error) {
    throw signal?.aborted ? new AppError("stopped", "This was stopped.") : error;
  }
}

async function inThread(filename: string, task: BackupTask, { onProgress, signal }: Watching): Promise<BackupHeader> {
  const thread = new Tinypool({ filename, runtime: "worker_threads", minThreads: 0, maxThreads: 1 });
  const { port1, port2 } = new MessageChannel();
  port1.on("message", (progress: BackupProgress) => onProgress?.(progress));
  try {
    const end = (await thread.run(
      { task, port: port2 },
      { transferList: [port2], ...(signal && { signal }) },
    )) as TaskEnd;
    if (!end.ok) throw new AppError(end.code, end.message);
    return end.header;
  } finally {
    port1.close();
    await thread.destroy();
  }
}
