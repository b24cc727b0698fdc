import { execFileSync } from "node:child_process";
import { copyFileSync, mkdirSync, mkdtempSync, rmSync, statfsSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";

/** A disk of a size of its own, in a file: it can be filled, and copied as it would be found after a power cut. */
export interface SmallDisk {
  readonly folder: string;
  /** Bytes that can still be written. */
  room(): number;
  /** The disk as it is this moment, without anything that has not been forced to it; mounted elsewhere. */
  afterPowerCut(): SmallDisk;
  remove(): void;
}

const quietly = (command: string, ...args: string[]) => execFileSync(command, args, { stdio: "pipe" });

function mounted(image: string, root: string): SmallDisk {
  const folder = join(root, `disk-${Math.random().toString(36).slice(2)}`);
  mkdirSync(folder);
  quietly("mount", "-o", "loop", image, folder);
  return {
    folder,
    room() {
      const { bavail, bsize } = statfsSync(folder);
      return bavail * bsize;
    },
    afterPowerCut() {
      // The file holds what the kernel has sent to the disk, no more; a mount then reads the file system's own log.
      const copy = `${image}-${Math.random().toString(36).slice(2)}`;
      copyFileSync(image, copy);
      return mounted(copy, root);
    },
    remove() {
      quietly("umount", "-l", folder);
      rmSync(image, { force: true });
    },
  };
}

/**
 * Makes a disk.
 *
 * @param megabytes its size
 * @returns undefined where this machine does not let us mount one
 */
export function smallDisk(megabytes: number): SmallDisk | undefined {
  const root = mkdtempSync(join(tmpdir(), "zip-step-disk-"));
  const image = join(root, "image");
  try {
    quietly("truncate", "-s", `${megabytes}M`, image);
    quietly("mkfs.ext4", "-q", "-F", "-m", "0", image);
    return mounted(image, root);
  } catch {
    rmSync(root, { recursive: true, force: true });
    return undefined;
  }
}
