import type { BackupReason } from "../../server/backup/backup-file.ts";
import type { BackupStage } from "../../server/backup/backup-progress.ts";
import type { Backup } from "../../server/backup/backups.ts";
import type { UnreadableRows } from "../../server/db/unreadable.ts";
import { counted } from "./counted.ts";

/** Why a backup was made, as it is said on screen. */
export const BACKUP_REASON: Readonly<Record<BackupReason, string>> = {
  daily: "made by itself",
  migration: "before a new version",
  request: "asked for",
  restore: "before another was put back",
};

/** What is done with a backup at the moment. */
export const BACKUP_STAGE: Readonly<Record<BackupStage, string>> = {
  copying: "Copying the records",
  packing: "Packing the records",
  unpacking: "Unpacking what was packed",
  counting: "Counting what is inside",
};

/** What is in a backup: `"2 groups, 7 learners, 30 lessons, 1674 marks"`. */
export function insideText({ header }: Backup): string {
  if (!header) return "This file cannot be read: it is no backup, or of another version.";
  const rows = (table: string) => header.counts[table] ?? 0;
  return [
    counted(rows("groups"), "group"),
    counted(rows("learners"), "learner"),
    counted(rows("sessions"), "lesson"),
    counted(rows("responses"), "mark"),
  ].join(", ");
}

const MEGABYTE = 1_000_000;

/** `"2.4 MB"`. @param bytes size of a file, from 0 */
export const sizeText = (bytes: number): string => `${(bytes / MEGABYTE).toFixed(1)} MB`;

/** What is stored and cannot be read, as the Backups screen says it. */
export const unreadableText = (rows: readonly UnreadableRows[]): string =>
  `Stored, but not to be read by this version: ${rows.map(({ name, count }) => counted(count, name)).join(", ")}. Left out wherever they would be shown, and kept; a backup from before may hold them whole.`;
