/** What is done for a backup, or for putting one back, in this order. */
export const BACKUP_STAGES = ["copying", "packing", "unpacking", "counting"] as const;
export type BackupStage = (typeof BACKUP_STAGES)[number];

/** How far a stage is. */
export interface BackupProgress {
  readonly stage: BackupStage;
  /** 0 to 1. */
  readonly share: number;
}

/** How work on a backup is followed, and stopped. */
export interface Watching {
  readonly onProgress?: (progress: BackupProgress) => void;
  /** What was made so far is taken away when it is aborted. */
  readonly signal?: AbortSignal;
}
