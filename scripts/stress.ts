/**
 * `npm run stress`: what `npm test` does in short, in full: crashes, migrations cut short, a burst of
 * marks, power cuts, old folders, and the checks against things outside (docs/checks.md). Prints its figures;
 * those of the last run stand in docs/quality.md. Build first (`npm run build`).
 *   npm run stress -- <crashes> <migrations> <power cuts> <marks>   (default 100 30 20 10000)
 */
import { spawnSync } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { crashRounds, killedMigrations, markBurst } from "../tests/server/crash-rounds.ts";
import { removeEmpties } from "../tests/server/old-folder.ts";
import makeTemplate from "../tests/server/template.ts";

await makeTemplate();
const [crashes = 100, migrations = 30, powerCuts = 20, marks = 10_000] = process.argv.slice(2).map(Number);
const SEED = 20261128;
const root = mkdtempSync(join(tmpdir(), "zip-step-stress-"));
console.log("crashes", await crashRounds(join(root, "records"), crashes, SEED));
console.log("migrations cut short", await killedMigrations(root, migrations, SEED));
console.log("marks of 30 devices in one burst", await markBurst(join(root, "burst"), marks, 30));
rmSync(root, { recursive: true, force: true });
removeEmpties();
const { status } = spawnSync(
  "npx",
  ["vitest", "run", "tests/server/power-cut.test.ts", "tests/server/old-folders.test.ts", "tests/outside"],
  {
    stdio: "inherit",
    env: { ...process.env, ZIP_STEP_ROUNDS: String(powerCuts), ZIP_STEP_IN_FULL: "1" },
  },
);
process.exit(status ?? 1);
