import { cpSync, mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";

/** An empty data folder of one's own, migrated. @returns its path; whoever asks for it takes it away */
export function freshFolder(name: string): string {
  const folder = mkdtempSync(join(tmpdir(), `zip-step-${name}-`));
  fillFolder(folder);
  return folder;
}

/** Makes an empty, migrated data folder at a path. */
export const fillFolder = (folder: string): void =>
  cpSync(process.env["ZIP_STEP_TEST_TEMPLATE"] as string, folder, { recursive: true });
