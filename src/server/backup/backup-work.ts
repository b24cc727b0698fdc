import { noteWork } from "../collect-at-rest.ts";
import type { BackupReason } from "./backup-file.ts";
import type { BackupProgress, Watching } from "./backup-progress.ts";

/** A backup that is being made, or put back. */
export interface BackupUnderWay extends BackupProgress {
  readonly reason: BackupReason;
}

let underWay: (BackupUnderWay & { readonly stop: AbortController }) | undefined;
let last: Promise<unknown> = Promise.resolve();

/** How far the backup is that is being made or put back; null when there is none. */
export function backupUnderWay(): BackupUnderWay | null {
  if (!underWay) return null;
  const { reason, stage, share } = underWay;
  return { reason, stage, share };
}

/** Stops it. One that is about to be done is done all the same. */
export const stopBackup = (): void => underWay?.stop.abort();

/**
 * Does work on a backup so that its progress can be asked for, and it can be stopped. One at a time: whoever comes second waits.
 *
 * @throws what the work throws
 */
export function followed<T>(reason: BackupReason, run: (watching: Watching) => Promise<T>): Promise<T> {
  const work = last.then(async () => {
    const stop = new AbortController();
    let isOver = false;
    underWay = { reason, stage: "copying", share: 0, stop };
    try {
      return await run({
        signal: stop.signal,
        onProgress: (progress) => {
          // What is stopped may still tell of a last piece.
          if (!isOver) underWay = { reason, ...progress, stop };
        },
      });
    } finally {
      isOver = true;
      underWay = undefined;
      noteWork();
    }
  });
  last = work.catch(() => undefined);
  return work;
}
