import { mkdirSync } from "node:fs";
import type { Readable } from "node:stream";
import { pipeline } from "node:stream/promises";
import { extract } from "tar";

/** What the database writes in front of its paths is left away: a note, nothing wrong. */
const NO_FAULT = "TAR_ENTRY_INFO";

/** How a tar is unpacked, and what could not be: a path that would lead out of the folder, say. */
function unpacking(folder: string) {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  let fault: string | undefined;
  const onwarn = (code: string, message: string | Error) => {
    if (code !== NO_FAULT) fault ??= String(message);
  };
  return {
    // A database does not ask when its files were last changed.
    options: { cwd: folder, preserveOwner: false, noMtime: true, onwarn },
    check: () => {
      if (fault !== undefined) throw new Error(`The tar cannot be unpacked: ${fault}`);
    },
  };
}

/**
 * Unpacks the folder of a database from a tar.
 *
 * @param tar not compressed
 * @param folder that is made for it
 * @throws Error for a path that would lead out of the folder
 */
export function unpackFolder(tar: Uint8Array, folder: string): void {
  const { options, check } = unpacking(folder);
  extract({ ...options, sync: true }).end(Buffer.from(tar));
  check();
}

/**
 * The same of a tar that comes a piece at a time, gzipped or not.
 *
 * @throws Error for a path that would lead out of the folder, and for what is no tar
 */
export async function unpackStream(tar: Readable, folder: string, signal?: AbortSignal): Promise<void> {
  const { options, check } = unpacking(folder);
  await pipeline(tar, extract(options), { signal });
  check();
}
