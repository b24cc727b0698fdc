import { existsSync, readFileSync, renameSync, rmSync } from "node:fs";
import { join, resolve } from "node:path";
import { brotliDecompressSync } from "node:zlib";
import { PGlite } from "@electric-sql/pglite";
import { drizzle, type PgliteDatabase } from "drizzle-orm/pglite";
import { migrate } from "drizzle-orm/pglite/migrator";
import { AppError } from "../http/errors.ts";
import { claimFolder } from "./folder-lock.ts";
import * as schema from "./schema.ts";

export type Database = PgliteDatabase<typeof schema>;
/** What a repository takes: the database, or a transaction of it. */
export type Queryable = Pick<Database, "select" | "insert" | "update" | "delete" | "execute">;

export interface OpenDatabase {
  readonly db: Database;
  close(): Promise<void>;
}

/** The project's folder: where the migrations and the empty folder's image are read from. */
const root = () => resolve(process.env["ZIP_STEP_ROOT"] ?? process.cwd());
const inServer = (...parts: string[]) => join(root(), "src", "server", "db", ...parts);

function emptyFolderImage(): Blob {
  return new Blob([brotliDecompressSync(readFileSync(inServer("empty-folder.tar.br")))]);
}

const newClient = (dataDir: string) => PGlite.create({ dataDir, loadDataDir: emptyFolderImage() });

/**
 * The database inside a data folder. A new one is made under another name and moved into place whole, so
 * that a start cut short never leaves half a database behind.
 */
async function folderClient(folder: string): Promise<PGlite> {
  const dataDir = join(folder, "pg");
  if (!existsSync(dataDir)) {
    const making = join(folder, "pg-in-the-making");
    rmSync(making, { recursive: true, force: true });
    await (await newClient(making)).close();
    renameSync(making, dataDir);
  }
  try {
    return await PGlite.create({ dataDir });
  } catch {
    throw new AppError("folder-damaged", `The database in the data folder ${folder} cannot be opened.`);
  }
}

/**
 * Opens a data folder, making it when it is not there, and brings it to today's schema.
 *
 * @param folder a path, or undefined for a database in memory (tests)
 * @throws AppError "folder-in-use" when another process has the folder, "folder-damaged" when what is in it
 * cannot be opened
 */
export async function openDatabase(folder?: string): Promise<OpenDatabase> {
  const release = folder === undefined ? () => undefined : claimFolder(folder);
  try {
    const client = folder === undefined ? await newClient("memory://") : await folderClient(folder);
    const db = drizzle(client, { schema });
    await migrate(db, { migrationsFolder: inServer("migrations") });
    return {
      db,
      async close() {
        await client.close();
        release();
      },
    };
  } catch (error) {
    release();
    throw error;
  }
}
