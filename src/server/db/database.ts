import { existsSync, readFileSync, renameSync, rmSync, statfsSync } from "node:fs";
import { join, resolve } from "node:path";
import { brotliDecompressSync } from "node:zlib";
import { PGlite } from "@electric-sql/pglite";
import { drizzle, type PgliteDatabase } from "drizzle-orm/pglite";
import { migrate } from "drizzle-orm/pglite/migrator";
import type { BackupReason } from "../backup/backup-file.ts";
import type { Watching } from "../backup/backup-progress.ts";
import { type Backup, makeBackup, removeUnfinished } from "../backup/backups.ts";
import { folderSize } from "../backup/pack.ts";
import { removeUnpacked } from "../backup/restore.ts";
import { countWhatIsNot } from "../evidence/recount.ts";
import { AppError } from "../http/errors.ts";
import { getInstallation } from "../school/installation.ts";
import { askInOne } from "./ask-in-one.ts";
import { DATABASE_FOLDER, IN_THE_MAKING, looksLikeDatabase } from "./folder-check.ts";
import { claimFolder } from "./folder-lock.ts";
import { DatabaseDown, watchForEnd } from "./fragile-client.ts";
import { writeBetweenReadings } from "./read-once.ts";
import * as schema from "./schema.ts";
import * as totals from "./schema-totals.ts";
import { shareParsers } from "./share-parsers.ts";
import { keepToOwner, SYNCED_START, SyncedFiles, syncPath, syncTree, UNSYNCED_START } from "./synced-files.ts";
import { takeTurns } from "./take-turns.ts";
import { unpackFolder } from "./unpack-folder.ts";

export type Database = PgliteDatabase<typeof schema & typeof totals>;
/** What a repository takes: the database, or a transaction of it. */
export type Queryable = Pick<Database, "select" | "selectDistinct" | "insert" | "update" | "delete" | "execute">;

export interface OpenDatabase {
  readonly db: Database;
  /** Tells this folder's records from every other's. */
  readonly workspaceId: string;
  /**
   * The one place where a transaction that writes is opened. What it answers is on the disk.
   *
   * @throws AppError "disk-full" when there is no room to store it; nothing was stored then
   */
  write<T>(run: (db: Queryable) => Promise<T>): Promise<T>;
  /**
   * Makes a backup of it now.
   *
   * @throws AppError "backup-damaged", "disk-full", "stopped", "invalid" for a database in memory
   */
  backUp(reason: BackupReason, now: Date, watching?: Watching): Promise<Backup>;
  /** Has it gone down, so that it must be opened anew? */
  isDown(): boolean;
  close(): Promise<void>;
}

/** The project's folder: where the migrations and the empty folder's image are read from. */
const root = () => resolve(process.env["ZIP_STEP_ROOT"] ?? process.cwd());
const inServer = (...parts: string[]) => join(root(), "src", "server", "db", ...parts);

/** An empty database as a tar: filling one so takes a tenth of what making one does. */
export const emptyFolder = () => new Uint8Array(brotliDecompressSync(readFileSync(inServer("empty-folder.tar.br"))));

/**
 * The database inside a data folder. A new one is made under another name and moved into place whole, and on the
 * disk, so that a start cut short never leaves half a database behind.
 */
async function folderClient(folder: string): Promise<PGlite> {
  const dataDir = join(folder, DATABASE_FOLDER);
  if (!looksLikeDatabase(folder)) {
    const making = join(folder, IN_THE_MAKING);
    rmSync(making, { recursive: true, force: true });
    unpackFolder(emptyFolder(), making);
    keepToOwner(making);
    syncTree(making);
    renameSync(making, dataDir);
    syncPath(folder);
  }
  try {
    const client = await PGlite.create({ fs: new SyncedFiles(dataDir), startParams: SYNCED_START });
    keepToOwner(folder);
    return client;
  } catch {
    throw new AppError("folder-damaged", `The database in the data folder ${folder} cannot be opened.`);
  }
}

/** Is a database of an earlier Zip Step, which is about to be changed? A new one has nothing to lose. */
async function isBehind(client: PGlite): Promise<boolean> {
  const { rows } = await client.query<{ there: boolean }>(
    "select to_regclass('drizzle.__drizzle_migrations') is not null as there",
  );
  if (!rows[0]?.there) return false;
  const applied = await client.query<{ n: number }>("select count(*)::int as n from drizzle.__drizzle_migrations");
  const { entries } = JSON.parse(readFileSync(inServer("migrations", "meta", "_journal.json"), "utf8"));
  const count = applied.rows[0]?.n ?? 0;
  return count > 0 && count < entries.length;
}

/**
 * Room on the disk below which nothing more is stored, in bytes: two files of the database's log (16 MB each) and some.
 * Without room for the next one the database goes down in the middle of a write.
 */
const LEAST_ROOM = 48 * 1024 * 1024;

const roomIn = (folder: string): number => {
  const { bavail, bsize } = statfsSync(folder);
  return bavail * bsize;
};

/** PostgreSQL's code for a disk that is full. Source: PostgreSQL, appendix A, error codes. */
const DISK_FULL = "53100";

/** Is this, or what caused it, the database telling that the disk is full? */
function isForWantOfRoom(error: unknown): boolean {
  for (let at = error; at instanceof Error; at = at.cause)
    if (at instanceof DatabaseDown || (at as { readonly code?: string }).code === DISK_FULL) return true;
  return false;
}

/** How a data folder is opened; tests put other sizes in. */
interface OpenOptions {
  /** Bytes there are on the disk of a folder. */
  readonly room?: (folder: string) => number;
  /** Makes the backup before a migration. */
  readonly beforeMigration?: (client: PGlite, folder: string) => Promise<unknown>;
}

const inFolder = (client: PGlite, folder: string) => ({ client, dataDir: join(folder, DATABASE_FOLDER) });

const backUpFirst = (client: PGlite, folder: string) =>
  makeBackup(inFolder(client, folder), folder, { reason: "migration", workspaceId: "", now: new Date() });

/**
 * Opens a data folder, making it when it is not there, and brings it to today's schema.
 *
 * @param folder a path, or undefined for a database in memory (tests)
 * @throws AppError "folder-in-use" when another process has the folder, "folder-damaged" when what is in it
 * cannot be opened, "folder-not-ours" when there are other things in it, "folder-unusable" when it cannot be written to
 */
export async function openDatabase(
  folder?: string,
  { room = roomIn, beforeMigration = backUpFirst }: OpenOptions = {},
): Promise<OpenDatabase> {
  const release = folder === undefined ? () => undefined : claimFolder(folder);
  const refuseWithoutRoom = (beyond = 0) => {
    if (folder !== undefined && room(folder) < LEAST_ROOM + beyond)
      throw new AppError("disk-full", "The disk with the records is full.");
  };
  // A copy of the folder, then what is unpacked again, lies beside the file: marks must not lack room for it.
  const refuseBackupWithoutRoom = (of: string) => refuseWithoutRoom(2 * folderSize(join(of, DATABASE_FOLDER)));
  try {
    if (folder !== undefined) {
      removeUnfinished(folder);
      // Beside a database it is what was left of a backup that was not put back.
      if (existsSync(join(folder, DATABASE_FOLDER))) removeUnpacked(folder);
    }
    if (folder !== undefined && !existsSync(join(folder, DATABASE_FOLDER))) refuseWithoutRoom();
    const client =
      folder === undefined
        ? await PGlite.create({
            dataDir: "memory://",
            loadDataDir: new Blob([emptyFolder()]),
            startParams: UNSYNCED_START,
          })
        : await folderClient(folder);
    const isDown = watchForEnd(client);
    shareParsers(client);
    takeTurns(client);
    const db = drizzle(client, { schema: { ...schema, ...totals } });
    if (folder !== undefined && (await isBehind(client))) {
      try {
        refuseBackupWithoutRoom(folder);
      } catch (error) {
        await client.close();
        throw error;
      }
      await beforeMigration(client, folder);
    }
    await migrate(db, { migrationsFolder: inServer("migrations") });
    askInOne(client);
    const { workspaceId } = await getInstallation(db);
    const write = async <T>(run: (db: Queryable) => Promise<T>): Promise<T> => {
      refuseWithoutRoom();
      try {
        return await writeBetweenReadings(() => db.transaction(run));
      } catch (error) {
        if (isForWantOfRoom(error)) throw new AppError("disk-full", "The disk with the records is full.");
        throw error;
      }
    };
    await countWhatIsNot(db, write);
    return {
      db,
      workspaceId,
      isDown,
      write,
      async backUp(reason, now, watching) {
        if (folder === undefined) throw new AppError("invalid", "A database in memory has no backups.");
        refuseBackupWithoutRoom(folder);
        return makeBackup(inFolder(client, folder), folder, { reason, workspaceId, now }, watching);
      },
      async close() {
        // One that is down is never asked again: its log is on the disk, and the next start goes by that.
        if (!isDown()) await client.close();
        release();
      },
    };
  } catch (error) {
    release();
    throw error;
  }
}
