import { existsSync } from "node:fs";
import { resolve } from "node:path";
import { pathToFileURL } from "node:url";

/** What runs on a thread of its own; the build makes a file of each (`astro.config.mjs`). */
export type ThreadName = "words-worker" | "backup-worker";

/** Address of a thread's file as the build makes it; undefined where there is none, as in tests. */
export function threadFile(name: ThreadName): string | undefined {
  const root = process.env["ZIP_STEP_ROOT"];
  const file = root && resolve(root, `dist/server/${name}.mjs`);
  return file && existsSync(file) ? pathToFileURL(file).href : undefined;
}
