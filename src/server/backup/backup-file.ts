import { createHash } from "node:crypto";
import { closeSync, createReadStream, openSync, readSync, statSync } from "node:fs";
import type { Readable } from "node:stream";
import type { PGlite } from "@electric-sql/pglite";
import { z } from "zod";
import { AppError } from "../http/errors.ts";

/** Why a backup was made. */
export const BACKUP_REASONS = ["daily", "migration", "request", "restore"] as const;
export type BackupReason = (typeof BACKUP_REASONS)[number];

/** The first line of a backup, as JSON; after it comes the database's folder as a gzipped tar. */
const headerField = z.object({
  format: z.literal("zip-step-backup"),
  version: z.literal(1),
  madeAt: z.iso.datetime(),
  reason: z.enum(BACKUP_REASONS),
  workspaceId: z.string(),
  /** Rows by table. */
  counts: z.record(z.string(), z.number().int().min(0)),
  /** Of what follows. */
  bytes: z.number().int().min(1),
  sha256: z.string().length(64),
});
export type BackupHeader = z.infer<typeof headerField>;

/** Bytes within which the first line of a backup ends. */
export const LONGEST_HEADER = 16_384;
const NEWLINE = 10;

/** Rows of every table of a database, by table. */
export async function countRows(client: Pick<PGlite, "query">): Promise<Record<string, number>> {
  const { rows } = await client.query<{ name: string }>(
    "select table_name as name from information_schema.tables where table_schema = 'public' order by table_name",
  );
  const counts: Record<string, number> = {};
  for (const { name } of rows) {
    const { rows: counted } = await client.query<{ n: number }>(`select count(*)::int as n from "${name}"`);
    counts[name] = counted[0]?.n ?? 0;
  }
  return counts;
}

/** What is wrong with a file that is to be a backup. */
export const damaged = (what: string): AppError =>
  new AppError("backup-damaged", `This backup cannot be used: ${what}.`);

function parseHeader(start: Buffer): { header: BackupHeader; length: number } {
  const end = start.indexOf(NEWLINE);
  if (end === -1) throw damaged("it does not begin like a backup of Zip Step");
  try {
    return { header: headerField.parse(JSON.parse(start.toString("utf8", 0, end))), length: end + 1 };
  } catch {
    throw damaged("it does not begin like a backup that this version of Zip Step can read");
  }
}

function readStart(path: string): { header: BackupHeader; length: number } {
  const start = Buffer.alloc(LONGEST_HEADER);
  const handle = openSync(path, "r");
  try {
    const length = readSync(handle, start, 0, LONGEST_HEADER, 0);
    return parseHeader(start.subarray(0, length));
  } finally {
    closeSync(handle);
  }
}

/** What is said at the beginning of a backup, without looking into it. @throws AppError "backup-damaged" */
export const readHeader = (path: string): BackupHeader => readStart(path).header;

/** The gzipped tar in a backup, a piece at a time. @throws AppError "backup-damaged" when it begins like no backup */
export const packedFolder = (path: string): Readable => createReadStream(path, { start: readStart(path).length });

/** Looks whether the file of a backup is whole and unaltered. @throws AppError "backup-damaged" with what is wrong */
export async function checkFile(path: string): Promise<BackupHeader> {
  const { header, length } = readStart(path);
  if (statSync(path).size - length !== header.bytes) throw damaged("a part of it is missing");
  const hash = createHash("sha256");
  for await (const piece of packedFolder(path)) hash.update(piece);
  if (hash.digest("hex") !== header.sha256) throw damaged("it has been altered");
  return header;
}
