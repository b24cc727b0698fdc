import { closeSync, linkSync, mkdirSync, openSync, readFileSync, renameSync, rmSync, writeSync } from "node:fs";
import { join } from "node:path";
import { AppError } from "../http/errors.ts";

/** Name of the file that says which process has a data folder. */
export const LOCK_FILE = "in-use-by";

/** A process, told from every other that has or will have the same number. */
interface Holder {
  readonly pid: number;
  /** When it was started, in ticks since the machine was; null where the system does not tell. */
  readonly started: string | null;
  /** The machine's run since it was last started; null where the system does not tell. */
  readonly boot: string | null;
}

const readOr = (path: string): string | null => {
  try {
    return readFileSync(path, "utf8");
  } catch {
    return null;
  }
};

/** Field 22 of /proc/<pid>/stat, counted after the name, which may hold spaces. Source: proc(5). */
const startOf = (pid: number): string | null =>
  readOr(`/proc/${pid}/stat`)
    ?.replace(/^.*\) /s, "")
    .split(" ")[19] ?? null;

const thisBoot = (): string | null => readOr("/proc/sys/kernel/random/boot_id")?.trim() ?? null;

function parseHolder(text: string): Holder {
  try {
    const { pid, started, boot } = JSON.parse(text);
    if (Number.isInteger(pid)) return { pid, started: started ?? null, boot: boot ?? null };
  } catch {
    // Not one of ours, or one cut short by a crash.
  }
  // Before it told more, the file held the number alone.
  return { pid: Number(text), started: null, boot: null };
}

/** Does the process that made a lock still run? Another program may have its number by now. */
function isHeld({ pid, started, boot }: Holder): boolean {
  if (!Number.isInteger(pid) || pid <= 0 || pid === process.pid) return false;
  if (boot !== null && boot !== thisBoot()) return false;
  const runsSince = startOf(pid);
  if (started !== null && runsSince !== null) return started === runsSince;
  try {
    process.kill(pid, 0);
    return true;
  } catch (error) {
    // EPERM: it runs, under another user.
    return (error as NodeJS.ErrnoException).code === "EPERM";
  }
}

/** What keeps a folder from being used, as a person can mend it. */
function unusable(folder: string, error: unknown): AppError {
  const said: Record<string, string> = {
    EEXIST: "is a file, not a folder",
    ENOTDIR: "lies inside something that is a file, not a folder",
    EROFS: "can be read but not written to",
    EACCES: "may not be written to by this user",
    EPERM: "may not be written to by this user",
    ENOSPC: "is on a disk that is full",
  };
  const { code = "" } = error as NodeJS.ErrnoException;
  return new AppError("folder-unusable", `The data folder ${folder} ${said[code] ?? `cannot be used (${code})`}.`);
}

/** Takes away a lock whose holder is gone. @returns false when another start has been quicker */
function takeAway(file: string, stale: string): boolean {
  const aside = `${file}.${process.pid}`;
  try {
    renameSync(file, aside);
  } catch {
    return false;
  }
  const isStale = readOr(aside) === stale;
  // Between the look and the move another start made its own: that one stands.
  if (!isStale) linkSync(aside, file);
  rmSync(aside, { force: true });
  return isStale;
}

/**
 * Claims a data folder for this process. A lock left by a process that no longer runs is taken over at
 * once, so that a crash never keeps a teacher out, whatever program has its number now.
 *
 * @returns a function that gives the folder back
 * @throws AppError "folder-in-use" naming the folder and the process that holds it, "folder-unusable" when it
 * cannot be made or written to
 */
export function claimFolder(folder: string): () => void {
  const file = join(folder, LOCK_FILE);
  try {
    mkdirSync(folder, { recursive: true, mode: 0o700 });
    for (let attempt = 0; attempt < 5; attempt++) {
      try {
        const handle = openSync(file, "wx", 0o600);
        writeSync(handle, JSON.stringify({ pid: process.pid, started: startOf(process.pid), boot: thisBoot() }));
        closeSync(handle);
        return () => rmSync(file, { force: true });
      } catch (error) {
        if ((error as NodeJS.ErrnoException).code !== "EEXIST") throw error;
        const found = readOr(file);
        if (found === null) continue;
        const holder = parseHolder(found);
        if (isHeld(holder))
          throw new AppError(
            "folder-in-use",
            `The data folder ${folder} is in use by another Zip Step (process ${holder.pid}).`,
          );
        takeAway(file, found);
      }
    }
  } catch (error) {
    throw error instanceof AppError ? error : unusable(folder, error);
  }
  throw new AppError("folder-in-use", `The data folder ${folder} is being opened by another Zip Step.`);
}
