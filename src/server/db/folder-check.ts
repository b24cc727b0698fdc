import { existsSync, lstatSync, readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { AppError } from "../http/errors.ts";
import { LOCK_FILE } from "./folder-lock.ts";

/** Names of what Zip Step keeps in a data folder. */
export const DATABASE_FOLDER = "pg";
export const IN_THE_MAKING = "pg-in-the-making";

/** What may lie in a folder in which a new database is made: the lock, and a first start that was cut short. */
const MAY_LIE_THERE = (name: string) => name === IN_THE_MAKING || name.startsWith(LOCK_FILE) || name === ".DS_Store";

/** Version of PostgreSQL whose folders this program reads. Source: PG_VERSION of a folder it makes. */
const POSTGRES = /^18\s*$/;
/** Without these a folder is no database, whatever else is in it. */
const NEEDED = ["PG_VERSION", "base", "global/pg_control", "pg_wal"];

const isThere = (path: string): boolean => existsSync(path) && (!lstatSync(path).isFile() || lstatSync(path).size > 0);

/**
 * Is there a database in a data folder, or is it plainly empty? What is neither is never written over.
 *
 * @throws AppError "folder-not-ours" when there are other things in it, "folder-damaged" when a part of the database
 * is missing
 */
export function looksLikeDatabase(folder: string): boolean {
  const inside = readdirSync(folder);
  if (!inside.includes(DATABASE_FOLDER)) {
    const foreign = inside.filter((name) => !MAY_LIE_THERE(name));
    if (foreign.length === 0) return false;
    throw new AppError(
      "folder-not-ours",
      `The data folder ${folder} has no records of Zip Step in it, but other things: ${foreign.slice(0, 5).join(", ")}.`,
    );
  }
  const database = join(folder, DATABASE_FOLDER);
  const missing = NEEDED.filter((name) => !isThere(join(database, name)));
  if (missing.length > 0)
    throw new AppError(
      "folder-damaged",
      `The database in the data folder ${folder} is not whole: ${missing.join(", ")} is missing.`,
    );
  if (!POSTGRES.test(readFileSync(join(database, "PG_VERSION"), "utf8")))
    throw new AppError("folder-damaged", `The database in the data folder ${folder} is of another version.`);
  return true;
}
