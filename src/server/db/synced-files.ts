import { chmodSync, closeSync, fsyncSync, lstatSync, openSync, readdirSync } from "node:fs";
import { join } from "node:path";
import { PGlite } from "@electric-sql/pglite";
import { NodeFS } from "@electric-sql/pglite/nodefs";

/** Forces a file or a folder to the disk: what was written to it is there after the power has gone. */
export function syncPath(path: string): void {
  const handle = openSync(path, "r");
  try {
    fsyncSync(handle);
  } finally {
    closeSync(handle);
  }
}

/** Forces a folder with everything in it to the disk. */
export function syncTree(folder: string): void {
  for (const name of readdirSync(folder)) {
    const path = join(folder, name);
    if (lstatSync(path).isDirectory()) syncTree(path);
    else syncPath(path);
  }
  syncPath(folder);
}

const [OWNERS_FILE, OWNERS_FOLDER] = [0o600, 0o700];

/** Leaves a folder, and everything in it, to its owner alone: it holds children's records. */
export function keepToOwner(folder: string): void {
  chmodSync(folder, OWNERS_FOLDER);
  for (const name of readdirSync(folder)) {
    const path = join(folder, name);
    const found = lstatSync(path);
    if (found.isDirectory()) keepToOwner(path);
    else if (found.isFile() && (found.mode & 0o777) !== OWNERS_FILE) chmodSync(path, OWNERS_FILE);
  }
}

/** The part of the database's file layer that is reached into: an open file, and where it is on the disk. */
interface FileLayer {
  readonly NODEFS: {
    readonly stream_ops: Record<string, unknown>;
    realPath(node: unknown): string;
  };
}

/**
 * The files of a database on the disk, where a sync asked for by the database is one. As it comes, the embedded
 * database drops every such request; with this, PostgreSQL's own rules hold: a transaction is answered for only when
 * its log is on the disk, and data files are there before a checkpoint says so.
 */
export class SyncedFiles extends NodeFS {
  override async init(...[client, options]: Parameters<NodeFS["init"]>): Promise<Awaited<ReturnType<NodeFS["init"]>>> {
    const made = await super.init(client, options);
    const withSync = (module: unknown) => {
      const { NODEFS } = module as FileLayer;
      NODEFS.stream_ops["fsync"] = (stream: { readonly nfd?: number; readonly node: unknown }) => {
        if (stream.nfd === undefined) syncPath(NODEFS.realPath(stream.node));
        else fsyncSync(stream.nfd);
        return 0;
      };
    };
    return {
      ...made,
      emscriptenOpts: { ...made.emscriptenOpts, preRun: [...(made.emscriptenOpts.preRun ?? []), withSync] },
    };
  }
}

const { defaultStartParams } = PGlite as unknown as { readonly defaultStartParams: readonly string[] };

/** Records of a school fit into less than the default of 128 MB, which would be a third of all the memory held. */
const SMALL_BUFFERS = ["-c", "shared_buffers=16MB"];

/** How a database is started that nobody relies on yet: one in memory, or a copy. Buffers of the default size double its start. */
export const UNSYNCED_START: string[] = [...defaultStartParams, ...SMALL_BUFFERS];

/** How the database is started so that it asks for syncs: without `-F`, and by the call that reaches the file layer. */
export const SYNCED_START: string[] = [
  ...UNSYNCED_START.filter((parameter) => parameter !== "-F"),
  ...["-c", "wal_sync_method=fsync"],
  // A file of the log that is done with is taken away, not used again with what stood in it.
  ...["-c", "wal_recycle=off"],
];
