import { closeSync, mkdirSync, openSync, readFileSync, rmSync, writeSync } from "node:fs";
import { join } from "node:path";
import { AppError } from "../http/errors.ts";

const LOCK_FILE = "in-use-by";

function isRunning(pid: number): boolean {
  try {
    process.kill(pid, 0);
    return true;
  } catch (error) {
    // EPERM: it runs, under another user.
    return (error as NodeJS.ErrnoException).code === "EPERM";
  }
}

/**
 * Claims a data folder for this process. A lock left by a process that no longer runs is taken over at
 * once, so that a crash never keeps a teacher out.
 *
 * @returns a function that gives the folder back
 * @throws AppError "folder-in-use" naming the folder and the process that holds it
 */
export function claimFolder(folder: string): () => void {
  mkdirSync(folder, { recursive: true });
  const file = join(folder, LOCK_FILE);
  for (let attempt = 0; attempt < 2; attempt++) {
    try {
      const handle = openSync(file, "wx");
      writeSync(handle, String(process.pid));
      closeSync(handle);
      return () => rmSync(file, { force: true });
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code !== "EEXIST") throw error;
      const holder = Number(readFileSync(file, "utf8"));
      if (holder !== process.pid && holder > 0 && isRunning(holder))
        throw new AppError(
          "folder-in-use",
          `The data folder ${folder} is in use by another Zip Step (process ${holder}).`,
        );
      rmSync(file, { force: true });
    }
  }
  throw new AppError("folder-in-use", `The data folder ${folder} could not be claimed.`);
}
