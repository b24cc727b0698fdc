import { rmSync } from "node:fs";
import { sql } from "drizzle-orm";
import type { BackupHeader } from "../backup/backup-file.ts";
import type { Watching } from "../backup/backup-progress.ts";
import { followed } from "../backup/backup-work.ts";
import { backupPath, isBackupDue } from "../backup/backups.ts";
import { putInPlace, removeUnpacked, unpackBeside } from "../backup/restore.ts";
import { plantDemo } from "../demo/plant-demo.ts";
import { countWhatIsNot } from "../evidence/recount.ts";
import { rejudgeAll } from "../evidence/rejudge.ts";
import { eraseDue, sweepDisk } from "../groups/erasure.ts";
import { dataFolder } from "./data-folder.ts";
import { type Database, type OpenDatabase, openDatabase } from "./database.ts";

let opening: Promise<OpenDatabase> | undefined;

/** Milliseconds between two checkpoints: what was written since is read again from the log at a start after a crash. */
const CHECKPOINT_EVERY = 10 * 60 * 1000;

async function open(): Promise<OpenDatabase> {
  const opened = await openDatabase(dataFolder());
  await eraseDueIn(opened);
  if (process.env["ZIP_STEP_DEMO"] === "1") await plantDemo(opened.db, new Date());
  await countWhatIsNot(opened.db, opened.write);
  return opened;
}

/** Milliseconds between two looks at whether the day's backup is still to be made. */
const LOOK_FOR_BACKUP_EVERY = 30 * 60 * 1000;
/** Milliseconds after a start until old answers are looked at. */
const REJUDGE_AFTER = 10 * 1000;
/** The first look comes when the first page has been drawn. */
const FIRST_LOOK_AFTER = 60 * 1000;

/** Milliseconds between two looks at what is to be erased. */
const LOOK_FOR_ERASURES_EVERY = 60 * 1000;

async function eraseWhatIsDue(): Promise<void> {
  const opened = await opening?.catch(() => undefined);
  if (opened && !opened.isDown()) await eraseDueIn(opened);
}

/** What cannot be erased now, for want of room, say, is erased at the next look: reading goes on. */
async function eraseDueIn(opened: OpenDatabase): Promise<void> {
  try {
    const gone = await opened.write((db) => eraseDue(db, new Date()));
    if (gone > 0) await sweepDisk(opened.db);
  } catch (error) {
    console.error(`Nothing was erased: ${(error as Error).message}`);
  }
}

async function dailyBackup(): Promise<void> {
  const opened = await opening?.catch(() => undefined);
  const now = new Date();
  if (!opened || opened.isDown() || !isBackupDue(dataFolder(), now)) return;
  // For want of room, say: it is tried again at the next look, and marking goes on.
  await followed("daily", (watching) => opened.backUp("daily", now, watching)).catch((error: Error) =>
    console.error(`No backup was made: ${error.message}`),
  );
}

/**
 * Puts a backup of this folder in the place of its records, and opens it. What was there is backed up first.
 *
 * @throws AppError "not-found", "backup-damaged", "disk-full", "stopped"; the records are as they were then
 */
export async function restoreBackup(name: string, now: Date): Promise<BackupHeader> {
  const path = backupPath(dataFolder(), name);
  return followed("restore", async (watching) => {
    const header = await unpackBeside(dataFolder(), path, watching);
    try {
      await putBack(now, watching);
    } finally {
      // Where it could not be put in place: it would outlive every erasure.
      removeUnpacked(dataFolder());
    }
    return header;
  });
}

/** Puts what has been unpacked in the place of the records, once they have been backed up, and opens it. */
async function putBack(now: Date, watching: Watching): Promise<void> {
  const opened = await openedDatabase();
  // From here on whoever asks waits: nothing is answered for that the backup of what is there does not hold.
  let isClosed = false;
  const restored = opened.backUp("restore", now, watching).then(async () => {
    isClosed = true;
    await opened.close();
    return putInPlace(dataFolder(), now);
  });
  opening = restored.then(open, () => (isClosed ? open() : opened));
  await opening;
  const setAside = await restored;
  // Its backup has been looked through; a second copy would outlive every erasure.
  if (setAside !== undefined) rmSync(setAside, { recursive: true, force: true });
}

/** What an older classifier has judged is judged anew, a little at a time. What fails now is tried at the next start. */
async function rejudge(): Promise<void> {
  const opened = await opening?.catch(() => undefined);
  if (opened && !opened.isDown())
    await rejudgeAll(opened).catch((error: Error) =>
      console.error(`Not all answers are judged anew: ${error.message}`),
    );
}

const giveBack = () =>
  opening?.then(
    (opened) => opened.close(),
    () => undefined,
  );

/** Gives the data folder back. Whoever asks for the database afterwards opens it anew, in the folder that is set then. */
export async function closeDatabase(): Promise<void> {
  const closed = giveBack();
  opening = undefined;
  await closed;
}

let looksAfterItself = false;

function lookAfter(): void {
  looksAfterItself = true;
  // Give the folder back on the way out; a crash is covered by the lock's own check.
  let isGoing = false;
  for (const signal of ["SIGINT", "SIGTERM"] as const)
    process.on(signal, async () => {
      // From a terminal it may come twice, once passed on; the second must not cut the first short.
      if (isGoing) return;
      isGoing = true;
      // Not to be opened anew by a request that comes in meanwhile.
      await giveBack();
      process.exit(0);
    });
  setInterval(async () => {
    const opened = await opening?.catch(() => undefined);
    if (opened && !opened.isDown()) await opened.db.execute(sql`checkpoint`).catch(() => undefined);
  }, CHECKPOINT_EVERY).unref();
  setInterval(eraseWhatIsDue, LOOK_FOR_ERASURES_EVERY).unref();
  setTimeout(rejudge, REJUDGE_AFTER).unref();
  setTimeout(dailyBackup, FIRST_LOOK_AFTER).unref();
  setInterval(dailyBackup, LOOK_FOR_BACKUP_EVERY).unref();
}

/**
 * The one database of this process, opened at the first call, and opened anew when it has gone down.
 *
 * @throws AppError "folder-in-use" when another process has the folder; other errors of a folder that cannot be opened
 */
export async function openedDatabase(): Promise<OpenDatabase> {
  if (!looksAfterItself) lookAfter();
  opening ??= open();
  const before = opening;
  const opened = await before.catch(() => undefined);
  if (opened && !opened.isDown()) return opened;
  // Of several that find it down one opens it; a folder that could not be opened is tried again.
  if (opening === before) opening = opened ? opened.close().then(open) : open();
  return opening;
}

/** The same, to be read from. */
export async function database(): Promise<Database> {
  return (await openedDatabase()).db;
}
