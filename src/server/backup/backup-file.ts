import { createHash } from "node:crypto";
import { closeSync, openSync, readFileSync, readSync } from "node:fs";
import { PGlite } from "@electric-sql/pglite";
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

const LONGEST_HEADER = 16_384;
const NEWLINE = 10;

/** What tells one content of a backup from any other. */
export const digest = (data: Uint8Array): string => createHash("sha256").update(data).digest("hex");

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
const damaged = (what: string): AppError => new AppError("backup-damaged", `This backup cannot be used: ${what}.`);

function parseHeader(start: Buffer): { header: BackupHeader; length: number } {
  const end = start.indexOf(NEWLINE);
  if (end === -1) throw damaged("it does not begin like a backup of Zip Step");
  try {
    return { header: headerField.parse(JSON.parse(start.toString("utf8", 0, end))), length: end + 1 };
  } catch {
    throw damaged("it does not begin like a backup that this version of Zip Step can read");
  }
}

/** What is said at the beginning of a backup, without looking into it. @throws AppError "backup-damaged" */
export function readHeader(path: string): BackupHeader {
  const start = Buffer.alloc(LONGEST_HEADER);
  const handle = openSync(path, "r");
  try {
    const length = readSync(handle, start, 0, LONGEST_HEADER, 0);
    return parseHeader(start.subarray(0, length)).header;
  } finally {
    closeSync(handle);
  }
}

/** A backup whose file is whole and unaltered. @throws AppError "backup-damaged" with what is wrong */
export function readBackup(path: string): { readonly header: BackupHeader; readonly folder: Blob } {
  const file = readFileSync(path);
  const { header, length } = parseHeader(file.subarray(0, LONGEST_HEADER));
  const inside = file.subarray(length);
  if (inside.length !== header.bytes) throw damaged("a part of it is missing");
  if (digest(inside) !== header.sha256) throw damaged("it has been altered");
  return { header, folder: new Blob([new Uint8Array(inside)], { type: "application/x-gzip" }) };
}

/** Looks a backup through: whole, unaltered, and with the rows that it says it has. @throws AppError "backup-damaged" */
export async function checkBackup(path: string): Promise<void> {
  const { header, folder } = readBackup(path);
  await checkRows(folder, header.counts);
}

/** Restores a folder into a database in memory, and counts. @throws AppError "backup-damaged" */
async function checkRows(folder: Blob, counts: BackupHeader["counts"]): Promise<void> {
  let client: PGlite | undefined;
  try {
    client = await PGlite.create({ dataDir: "memory://", loadDataDir: folder });
    const found = await countRows(client);
    const wrong = Object.keys(counts).filter((table) => found[table] !== counts[table]);
    if (wrong.length > 0) throw damaged(`rows are missing in ${wrong.join(", ")}`);
  } catch (error) {
    throw error instanceof AppError ? error : damaged("the database in it cannot be opened");
  } finally {
    await client?.close();
  }
}
