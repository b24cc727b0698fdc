import Tinypool from "tinypool";
import { AppError } from "../http/errors.ts";
import { threadFile } from "../threads.ts";
import { checkBackup } from "./backup-file.ts";
import type { LookedThrough } from "./worker.ts";

/**
 * Looks a backup through: whole, unaltered, and with the rows that it says it has. A database is restored for it, on a
 * thread of its own, so that nobody waits for it and its memory is given back.
 *
 * @param path of the file
 * @throws AppError "backup-damaged" with what is wrong
 */
export async function lookThroughBackup(path: string): Promise<void> {
  const filename = threadFile("backup-worker");
  if (!filename) return checkBackup(path);
  const thread = new Tinypool({ filename, runtime: "worker_threads", minThreads: 0, maxThreads: 1 });
  try {
    const looked = (await thread.run(path)) as LookedThrough;
    if (!looked.ok) throw new AppError("backup-damaged", looked.message);
  } finally {
    await thread.destroy();
  }
}
