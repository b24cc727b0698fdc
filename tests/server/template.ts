import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { openDatabase } from "../../src/server/db/database.ts";

/** Makes an empty data folder before the first test: making one takes two seconds, a copy of it a tenth of one. */
export default async function makeTemplate(): Promise<() => void> {
  const template = mkdtempSync(join(tmpdir(), "zip-step-template-"));
  await (await openDatabase(template)).close();
  process.env["ZIP_STEP_TEST_TEMPLATE"] = template;
  return () => rmSync(template, { recursive: true, force: true });
}
