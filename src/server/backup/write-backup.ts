import { closeSync, fsyncSync, openSync, renameSync, writeSync } from "node:fs";
import { dirname } from "node:path";
import { promisify } from "node:util";
import { gzip } from "node:zlib";
import type { PGlite } from "@electric-sql/pglite";
import { syncPath } from "../db/synced-files.ts";
import { type BackupHeader, countRows, digest } from "./backup-file.ts";
import { lookThroughBackup } from "./look-through.ts";

const packed = promisify(gzip);

/**
 * Writes a backup of an open database, forces it to the disk and looks it through before it counts as one.
 *
 * @param path of a file that is not there yet
 * @throws AppError "backup-damaged" when what was written does not hold what the database does
 */
export async function writeBackup(
  client: Pick<PGlite, "query" | "exec" | "dumpDataDir">,
  path: string,
  { madeAt, reason, workspaceId }: Pick<BackupHeader, "madeAt" | "reason" | "workspaceId">,
): Promise<BackupHeader> {
  await client.exec("checkpoint");
  const counts = await countRows(client);
  // The database waits while its folder is read. Packing takes four times as long, and needs no database.
  const folder = await client.dumpDataDir("none");
  const inside = await packed(new Uint8Array(await folder.arrayBuffer()));
  const header: BackupHeader = {
    format: "zip-step-backup",
    version: 1,
    madeAt,
    reason,
    workspaceId,
    counts,
    bytes: inside.length,
    sha256: digest(inside),
  };
  const making = `${path}.part`;
  const handle = openSync(making, "w", 0o600);
  try {
    writeSync(handle, `${JSON.stringify(header)}\n`);
    writeSync(handle, inside);
    fsyncSync(handle);
  } finally {
    closeSync(handle);
  }
  await lookThroughBackup(making);
  renameSync(making, path);
  syncPath(dirname(path));
  return header;
}
