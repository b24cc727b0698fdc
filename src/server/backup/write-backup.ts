import { renameSync, rmSync } from "node:fs";
import { dirname } from "node:path";
import type { PGlite } from "@electric-sql/pglite";
import { syncPath } from "../db/synced-files.ts";
import { AppError } from "../http/errors.ts";
import { type BackupHeader, countRows } from "./backup-file.ts";
import type { Watching } from "./backup-progress.ts";
import { backupTask } from "./backup-thread.ts";
import { copyFolder } from "./copy-folder.ts";

/** How the names end of what lies beside the backups while one is made. */
const UNFINISHED = { file: ".part", copy: ".copy", lookedThrough: ".looked-through" } as const;

/** What was left of a backup that was cut short, by its name in the folder of backups. */
export const isUnfinished = (name: string): boolean =>
  Object.values(UNFINISHED).some((ending) => name.endsWith(ending));

/** What a backup is made of: an open database, and the folder that it is in. */
export interface BackedUp {
  readonly client: Pick<PGlite, "exec" | "transaction">;
  readonly dataDir: string;
}

/**
 * Writes a backup of an open database, forces it to the disk and looks it through before it counts as one. The database
 * waits while its folder is copied; packing and looking through are done with the copy.
 *
 * @param path of a file that is not there yet
 * @throws AppError "backup-damaged" when what was written does not hold what the database does, "disk-full", "stopped"
 */
export async function writeBackup(
  { client, dataDir }: BackedUp,
  path: string,
  of: Pick<BackupHeader, "madeAt" | "reason" | "workspaceId">,
  watching: Watching = {},
): Promise<BackupHeader> {
  const copy = `${path}${UNFINISHED.copy}`;
  const lookedThrough = `${path}${UNFINISHED.lookedThrough}`;
  const making = `${path}${UNFINISHED.file}`;
  try {
    watching.onProgress?.({ stage: "copying", share: 0 });
    const counts = await copyDatabase(client, dataDir, copy);
    const said = { format: "zip-step-backup", version: 1, ...of, counts } as const;
    const header = await backupTask({ task: "pack", copy, path: making, said }, watching);
    rmSync(copy, { recursive: true, force: true });
    await backupTask({ task: "unpack", path: making, folder: lookedThrough }, watching);
    renameSync(making, path);
    syncPath(dirname(path));
    return header;
  } finally {
    for (const left of [copy, lookedThrough, making]) rmSync(left, { recursive: true, force: true });
  }
}

/**
 * Copies the folder of an open database. It is in a transaction meanwhile, so that nobody writes: what is counted is what
 * is copied. Opened, the copy recovers from its log like a database after a power cut.
 *
 * @returns rows by table
 */
async function copyDatabase(
  client: BackedUp["client"],
  dataDir: string,
  copy: string,
): Promise<Record<string, number>> {
  // Its log goes on in a new file, and the old one is taken away: it would be the greater part of what is packed.
  await client.exec("select pg_switch_wal(); checkpoint");
  try {
    return await client.transaction(async (tx) => {
      const counts = await countRows(tx as unknown as PGlite);
      await copyFolder(dataDir, copy);
      return counts;
    });
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === "ENOSPC")
      throw new AppError("disk-full", "There is no room on the disk for a backup.");
    throw error;
  }
}
