import { rmSync } from "node:fs";
import { PGlite } from "@electric-sql/pglite";
import { UNSYNCED_START } from "../db/synced-files.ts";
import { unpackStream } from "../db/unpack-folder.ts";
import { AppError } from "../http/errors.ts";
import { type BackupHeader, checkFile, countRows, damaged, packedFolder } from "./backup-file.ts";
import type { Watching } from "./backup-progress.ts";

/**
 * Unpacks the folder of a database out of a backup, and looks it through: the file is whole and unaltered, the database
 * can be opened, and has the rows that the backup says it has.
 *
 * @param path of the backup
 * @param folder that is made; it is there afterwards only when all is well
 * @throws AppError "backup-damaged" with what is wrong, "disk-full"
 */
export async function unpackBackup(
  path: string,
  folder: string,
  { onProgress, signal }: Watching = {},
): Promise<BackupHeader> {
  try {
    const header = await checkFile(path);
    rmSync(folder, { recursive: true, force: true });
    await extractInto(path, folder, (read) => onProgress?.({ stage: "unpacking", share: read / header.bytes }), signal);
    onProgress?.({ stage: "counting", share: 0 });
    await checkRows(folder, header.counts);
    return header;
  } catch (error) {
    rmSync(folder, { recursive: true, force: true });
    throw error;
  }
}

const isNoRoom = (error: unknown): boolean => (error as NodeJS.ErrnoException).code === "ENOSPC";

async function extractInto(
  path: string,
  folder: string,
  onRead: (bytes: number) => void,
  signal?: AbortSignal,
): Promise<void> {
  const file = packedFolder(path);
  let read = 0;
  file.on("data", (piece: Buffer) => {
    read += piece.length;
    onRead(read);
  });
  try {
    await unpackStream(file, folder, signal);
  } catch (error) {
    if (signal?.aborted) throw error;
    if (isNoRoom(error)) throw new AppError("disk-full", "There is no room on the disk to look a backup through.");
    throw damaged("it cannot be unpacked");
  }
}

/** Opens an unpacked database, and counts. @throws AppError "backup-damaged" */
async function checkRows(folder: string, counts: BackupHeader["counts"]): Promise<void> {
  let client: PGlite | undefined;
  try {
    client = await PGlite.create({ dataDir: folder, startParams: UNSYNCED_START });
    const found = await countRows(client);
    const wrong = Object.keys(counts).filter((table) => found[table] !== counts[table]);
    if (wrong.length > 0) throw damaged(`rows are missing in ${wrong.join(", ")}`);
  } catch (error) {
    throw error instanceof AppError ? error : damaged("the database in it cannot be opened");
  } finally {
    await client?.close();
  }
}
