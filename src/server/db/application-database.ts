import { resolve } from "node:path";
import { plantDemo } from "../demo/plant-demo.ts";
import { type Database, type OpenDatabase, openDatabase } from "./database.ts";

let opening: Promise<OpenDatabase> | undefined;

/** The folder this server keeps its records in. */
export function dataFolder(): string {
  return resolve(process.env["ZIP_STEP_DATA"] ?? "data/zip-step");
}

async function open(): Promise<OpenDatabase> {
  const opened = await openDatabase(dataFolder());
  if (process.env["ZIP_STEP_DEMO"] === "1") await plantDemo(opened.db, new Date());
  // Give the folder back on the way out; a crash is covered by the lock's own check.
  for (const signal of ["SIGINT", "SIGTERM"] as const)
    process.once(signal, () => {
      opened.close().finally(() => process.exit(0));
    });
  return opened;
}

/**
 * The one database of this process, opened at the first call.
 * @throws AppError "folder-in-use" when another process has the folder
 */
export async function database(): Promise<Database> {
  opening ??= open();
  return (await opening).db;
}
