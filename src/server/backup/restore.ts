import { existsSync, renameSync, rmSync } from "node:fs";
import { join } from "node:path";
import { gunzipSync } from "node:zlib";
import { DATABASE_FOLDER, IN_THE_MAKING } from "../db/folder-check.ts";
import { keepToOwner, syncPath, syncTree } from "../db/synced-files.ts";
import { unpackFolder } from "../db/unpack-folder.ts";
import { type BackupHeader, readBackup } from "./backup-file.ts";
import { lookThroughBackup } from "./look-through.ts";

export interface Restored {
  readonly header: BackupHeader;
  /** Path of the database that was there; undefined when there was none. */
  readonly setAside: string | undefined;
}

/**
 * Puts the database of a backup in the place of the one in a data folder, which is not open. The one that was there is
 * set aside under another name, not taken away.
 *
 * @param path of the backup
 * @throws AppError "backup-damaged"; the folder is as it was then
 */
export async function restoreInto(folder: string, path: string, now: Date): Promise<Restored> {
  await lookThroughBackup(path);
  const { header, folder: inside } = readBackup(path);
  const making = join(folder, IN_THE_MAKING);
  rmSync(making, { recursive: true, force: true });
  unpackFolder(gunzipSync(new Uint8Array(await inside.arrayBuffer())), making);
  keepToOwner(making);
  syncTree(making);
  const database = join(folder, DATABASE_FOLDER);
  const aside = join(folder, `${DATABASE_FOLDER}-set-aside-${now.toISOString().replace(/[:.]/g, "-")}`);
  const isThere = existsSync(database);
  if (isThere) renameSync(database, aside);
  renameSync(making, database);
  syncPath(folder);
  return { header, setAside: isThere ? aside : undefined };
}
