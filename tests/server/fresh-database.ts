import { rmSync } from "node:fs";
import { afterAll } from "vitest";
import { closeDatabase } from "../../src/server/db/application-database.ts";
import { freshFolder } from "./fresh-folder.ts";

/**
 * Gives the tests of a file the application's database, in an empty folder of its own. Files share a process: it is
 * closed and taken away behind the last test of each.
 *
 * @returns path of the folder
 */
export function freshDatabase(name: string): string {
  const folder = freshFolder(name);
  process.env["ZIP_STEP_DATA"] = folder;
  afterAll(async () => {
    await closeDatabase();
    rmSync(folder, { recursive: true, force: true });
  });
  return folder;
}
