import { existsSync, mkdirSync, readdirSync, rmSync, statSync } from "node:fs";
import { join } from "node:path";
import { notFound } from "../http/errors.ts";
import { BACKUP_REASONS, type BackupHeader, type BackupReason, readHeader } from "./backup-file.ts";
import type { Watching } from "./backup-progress.ts";
import { type BackedUp, isUnfinished, writeBackup } from "./write-backup.ts";

/** Name of the folder with the backups, inside a data folder. */
export const BACKUPS_FOLDER = "backups";
const ENDING = ".zip-step-backup";
const NAME = /^[\w-]{1,80}\.zip-step-backup$/;

/** One backup of a folder. */
export interface Backup {
  readonly name: string;
  /** Of the whole file. */
  readonly bytes: number;
  /** Undefined for a file that is no backup, or not of this version. */
  readonly header: BackupHeader | undefined;
}

const backupsIn = (folder: string) => join(folder, BACKUPS_FOLDER);

/** The backups in a data folder, the newest first. */
export function listBackups(folder: string): Backup[] {
  const inside = backupsIn(folder);
  if (!existsSync(inside)) return [];
  return readdirSync(inside)
    .filter((name) => NAME.test(name))
    .map((name): Backup => {
      const path = join(inside, name);
      let header: BackupHeader | undefined;
      try {
        header = readHeader(path);
      } catch {
        // It is listed all the same: a teacher sees that it is there, and that it cannot be used.
      }
      return { name, bytes: statSync(path).size, header };
    })
    .sort((a, b) => (b.header?.madeAt ?? "").localeCompare(a.header?.madeAt ?? "") || a.name.localeCompare(b.name));
}

/** The path of a backup by its name. @throws AppError "not-found" for what is no backup of this folder */
export function backupPath(folder: string, name: string): string {
  const path = join(backupsIn(folder), name);
  if (!NAME.test(name) || !existsSync(path)) throw notFound("backup");
  return path;
}

/** How many backups of each reason are kept, unless the setting says otherwise. */
const KEPT = 14;

/** How many are kept of each reason: `ZIP_STEP_BACKUPS`, a whole number from 1. */
function keptOfEach(): number {
  const asked = Number(process.env["ZIP_STEP_BACKUPS"]);
  return Number.isInteger(asked) && asked >= 1 ? asked : KEPT;
}

/** Takes away the oldest of each reason, beyond those that are kept. */
function prune(folder: string): void {
  const all = listBackups(folder);
  for (const reason of BACKUP_REASONS)
    for (const { name } of all.filter(({ header }) => header?.reason === reason).slice(keptOfEach()))
      rmSync(join(backupsIn(folder), name), { force: true });
}

/**
 * Makes a backup of an open database in its data folder.
 *
 * @throws AppError "backup-damaged", "disk-full", "stopped"
 */
export async function makeBackup(
  database: BackedUp,
  folder: string,
  of: { readonly reason: BackupReason; readonly workspaceId: string; readonly now: Date },
  watching: Watching = {},
): Promise<Backup> {
  const inside = backupsIn(folder);
  mkdirSync(inside, { recursive: true, mode: 0o700 });
  const madeAt = of.now.toISOString();
  const stamp = madeAt.replace(/[:.]/g, "-");
  const name = `${stamp}-${of.reason}${ENDING}`;
  const path = join(inside, name);
  const header = await writeBackup(
    database,
    path,
    { madeAt, reason: of.reason, workspaceId: of.workspaceId },
    watching,
  );
  prune(folder);
  return { name, bytes: statSync(path).size, header };
}

/** Takes away what a backup that was cut short has left behind: it would outlive every erasure. */
export function removeUnfinished(folder: string): void {
  const inside = backupsIn(folder);
  if (!existsSync(inside)) return;
  for (const name of readdirSync(inside).filter(isUnfinished)) rmSync(join(inside, name), { recursive: true });
}

const DAY_MS = 24 * 60 * 60 * 1000;

/** Is the day's backup still to be made? */
export function isBackupDue(folder: string, now: Date): boolean {
  const newest = listBackups(folder).find(({ header }) => header?.reason === "daily")?.header;
  return newest === undefined || now.getTime() - new Date(newest.madeAt).getTime() >= DAY_MS;
}

/**
 * Until when a backup made before some moment is kept: the day on which the last one of them goes.
 *
 * @returns undefined when there is none
 */
export function lastDayOf(folder: string, before: Date): Date | undefined {
  const made = listBackups(folder).flatMap(({ header }) =>
    header?.reason === "daily" && header.madeAt <= before.toISOString() ? [new Date(header.madeAt)] : [],
  );
  const newest = made[0];
  return newest && new Date(newest.getTime() + keptOfEach() * DAY_MS);
}
