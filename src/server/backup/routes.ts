import { readFileSync } from "node:fs";
import { openedDatabase, restoreBackup } from "../db/application-database.ts";
import { dataFolder } from "../db/data-folder.ts";
import { bytesFile } from "../http/files.ts";
import { route } from "../http/route.ts";
import { backupUnderWay, followed, stopBackup } from "./backup-work.ts";
import { backupPath, listBackups } from "./backups.ts";

/** Backups are made of the whole database: no transaction is opened around them. */
export const BACKUP_ROUTES = {
  ...route("GET /api/backups", {
    summary: "Lists the backups of this data folder, the newest first, with what is inside.",
    answers: "backups",
    run: () => listBackups(dataFolder()),
  }),
  ...route("POST /api/backups", {
    summary: "Makes a backup now, and looks it through.",
    answers: "the backup",
    status: 201,
    withoutTransaction: true,
    run: async ({ now }) => {
      const opened = await openedDatabase();
      return followed("request", (watching) => opened.backUp("request", now, watching));
    },
  }),
  ...route("GET /api/backup-work", {
    summary: "How far the backup is that is being made or put back.",
    answers: "its stage and share, or null",
    run: () => backupUnderWay(),
  }),
  ...route("DELETE /api/backup-work", {
    summary: "Stops the backup that is being made or put back; nothing is changed then.",
    withoutTransaction: true,
    run: () => stopBackup(),
  }),
  ...route("GET /api/backups/:backupId", {
    summary: "A backup, to be kept elsewhere.",
    answers: "the backup file",
    run: ({ params }) =>
      bytesFile(params.backupId, new Uint8Array(readFileSync(backupPath(dataFolder(), params.backupId)))),
  }),
  ...route("POST /api/backups/:backupId/restoration", {
    summary: "Puts a backup in the place of the records; those are backed up first.",
    answers: "what was inside",
    status: 201,
    withoutTransaction: true,
    run: ({ params, now }) => restoreBackup(params.backupId, now),
  }),
};
