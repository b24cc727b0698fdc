/**
 * `npm run restore -- <file>`: says what is in a backup; with `--yes` after the file it is put in the place of the records
 * of the data folder (`ZIP_STEP_DATA`, default data/zip-step), which are set aside in the same folder. Zip Step must not run.
 */
import { mkdirSync, mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { putInPlace, unpackBeside } from "../src/server/backup/restore.ts";
import { unpackBackup } from "../src/server/backup/unpack.ts";
import { dataFolder } from "../src/server/db/data-folder.ts";
import { claimFolder } from "../src/server/db/folder-lock.ts";
import { AppError } from "../src/server/http/errors.ts";

const [file, yes] = process.argv.slice(2);
if (file === undefined) {
  console.error("Name the backup: npm run restore -- data/zip-step/backups/<name>.zip-step-backup");
  process.exit(1);
}
try {
  const lookedThrough = mkdtempSync(join(tmpdir(), "zip-step-backup-"));
  const header = await unpackBackup(file, lookedThrough);
  rmSync(lookedThrough, { recursive: true });
  console.log(`Made ${header.madeAt} (${header.reason}), whole and unaltered. Rows inside:`);
  for (const [table, count] of Object.entries(header.counts)) console.log(`  ${table}: ${count}`);
  if (yes !== "--yes") {
    console.log(`Nothing was changed. To put it in the place of ${dataFolder()}: npm run restore -- ${file} --yes`);
    process.exit(0);
  }
  mkdirSync(dataFolder(), { recursive: true, mode: 0o700 });
  const release = claimFolder(dataFolder());
  await unpackBeside(dataFolder(), file);
  putInPlace(dataFolder(), new Date());
  release();
  console.log(`Put back into ${dataFolder()}. What was there is set aside in the same folder.`);
  process.exit(0);
} catch (error) {
  console.error(error instanceof AppError ? `${error.message}\n${error.hint}` : String(error));
  process.exit(1);
}
