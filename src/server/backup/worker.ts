import type { MessagePort } from "node:worker_threads";
import { AppError, type ErrorCode } from "../http/errors.ts";
import type { BackupHeader } from "./backup-file.ts";
import type { Watching } from "./backup-progress.ts";
import { packBackup } from "./pack.ts";
import { unpackBackup } from "./unpack.ts";

/** What takes long about a backup. */
export type BackupTask =
  | {
      readonly task: "pack";
      readonly copy: string;
      readonly path: string;
      readonly said: Omit<BackupHeader, "bytes" | "sha256">;
    }
  | { readonly task: "unpack"; readonly path: string; readonly folder: string };

/** How a task ended. An error of the application loses its kind on the way from thread to thread, so its code is told. */
export type TaskEnd =
  | { readonly ok: true; readonly header: BackupHeader }
  | { readonly ok: false; readonly code: ErrorCode; readonly message: string };

/** Does a task. @throws AppError "backup-damaged", "disk-full" */
export const doTask = (task: BackupTask, watching: Watching): Promise<BackupHeader> =>
  task.task === "pack"
    ? packBackup(task.copy, task.path, task.said, watching)
    : unpackBackup(task.path, task.folder, watching);

/**
 * Does a task on a thread of its own, and takes the memory that it needs along when it ends.
 *
 * @param port over which progress is told
 * @throws what is no fault of the file's or the disk's
 */
export default async function onThread({
  task,
  port,
}: {
  readonly task: BackupTask;
  readonly port: MessagePort;
}): Promise<TaskEnd> {
  try {
    return { ok: true, header: await doTask(task, { onProgress: (progress) => port.postMessage(progress) }) };
  } catch (error) {
    if (error instanceof AppError) return { ok: false, code: error.code, message: error.message };
    throw error;
  } finally {
    port.close();
  }
}
