import { mkdirSync, writeFileSync } from "node:fs";
import { dirname, join, normalize } from "node:path";
import { parseTar } from "nanotar";

/**
 * Unpacks the folder of a database from a tar.
 *
 * @param tar as `dumpDataDir` of the database writes it, not compressed
 * @param folder that is made for it
 * @throws Error for a path that would lead out of the folder
 */
export function unpackFolder(tar: Uint8Array, folder: string): void {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  for (const { name, type, data } of parseTar(tar)) {
    const inside = normalize(name);
    if (inside.startsWith("..") || inside.startsWith("/")) throw new Error("A path leads out of the folder.");
    const path = join(folder, inside);
    if (type === "directory") mkdirSync(path, { recursive: true, mode: 0o700 });
    else if (type === "file") {
      mkdirSync(dirname(path), { recursive: true, mode: 0o700 });
      writeFileSync(path, data ?? new Uint8Array(), { mode: 0o600 });
    }
  }
}
