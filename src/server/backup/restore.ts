import { existsSync, renameSync, rmSync } from "node:fs";
import { join } from "node:path";
import { DATABASE_FOLDER, IN_THE_MAKING } from "../db/folder-check.ts";
import { keepToOwner, syncPath, syncTree } from "../db/synced-files.ts";
import type { BackupHeader } from "./backup-file.ts";
import type { Watching } from "./backup-progress.ts";
import { backupTask } from "./backup-thread.ts";

/**
 * Unpacks the database of a backup beside the one in a data folder, and looks it through.
 *
 * @param folder the data folder
 * @param path of the backup
 * @throws AppError "backup-damaged", "disk-full", "stopped"; the folder is as it was then
 */
export function unpackBeside(folder: string, path: string, watching: Watching = {}): Promise<BackupHeader> {
  return backupTask({ task: "unpack", path, folder: join(folder, IN_THE_MAKING) }, watching);
}

/**
 * Puts what `unpackBeside` has unpacked in the place of the database in a data folder, which is not open. The one that
 * was there is set aside under another name, not taken away.
 *
 * @returns path of the database that was there; undefined when there was none
 */
export function putInPlace(folder: string, now: Date): string | undefined {
  const making = join(folder, IN_THE_MAKING);
  keepToOwner(making);
  syncTree(making);
  const database = join(folder, DATABASE_FOLDER);
  const aside = join(folder, `${DATABASE_FOLDER}-set-aside-${now.toISOString().replace(/[:.]/g, "-")}`);
  const isThere = existsSync(database);
  if (isThere) renameSync(database, aside);
  renameSync(making, database);
  syncPath(folder);
  return isThere ? aside : undefined;
}

/** Takes away what `unpackBeside` has unpacked and nobody has put in place. */
export const removeUnpacked = (folder: string): void =>
  rmSync(join(folder, IN_THE_MAKING), { recursive: true, force: true });
