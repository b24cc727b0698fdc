import { resolve } from "node:path";
import { sql } from "drizzle-orm";
import { plantDemo } from "../demo/plant-demo.ts";
import { type Database, type OpenDatabase, openDatabase } from "./database.ts";

let opening: Promise<OpenDatabase> | undefined;

/** The folder this server keeps its records in. */
export function dataFolder(): string {
  return resolve(process.env["ZIP_STEP_DATA"] ?? "data/zip-step");
}

/** Milliseconds between two checkpoints: what was written since is read again from the log at a start after a crash. */
const CHECKPOINT_EVERY = 10 * 60 * 1000;

async function open(): Promise<OpenDatabase> {
  const opened = await openDatabase(dataFolder());
  if (process.env["ZIP_STEP_DEMO"] === "1") await plantDemo(opened.db, new Date());
  return opened;
}

function onTheWayOut(): void {
  // Give the folder back on the way out; a crash is covered by the lock's own check.
  for (const signal of ["SIGINT", "SIGTERM"] as const)
    process.once(signal, async () => {
      await opening?.then(
        (opened) => opened.close(),
        () => undefined,
      );
      process.exit(0);
    });
  setInterval(async () => {
    const opened = await opening?.catch(() => undefined);
    if (opened && !opened.isDown()) await opened.db.execute(sql`checkpoint`).catch(() => undefined);
  }, CHECKPOINT_EVERY).unref();
}

/**
 * The one database of this process, opened at the first call, and opened anew when it has gone down.
 *
 * @throws AppError "folder-in-use" when another process has the folder; other errors of a folder that cannot be opened
 */
export async function openedDatabase(): Promise<OpenDatabase> {
  if (!opening) onTheWayOut();
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
