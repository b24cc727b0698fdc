/**
 * `npm run stress`: what `npm test` does in short, in full: crashes, migrations cut short, a burst of
 * marks, power cuts, and every test that goes through fewer cases there (docs/checks.md). Prints its figures;
 * those of the last run stand in docs/quality.md. Build first (`npm run build`).
 *   npm run stress -- <crashes> <migrations> <power cuts> <marks>   (default 100 30 20 10000)
 */
import { spawnSync } from "node:child_process";
import { mkdtempSync, readdirSync, readFileSync, rmSync } from "node:fs";
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
/** All that goes through fewer cases in `npm test`. */
const shortened = ["src", "tests"]
  .flatMap((top) => readdirSync(top, { recursive: true, encoding: "utf8" }).map((file) => join(top, file)))
  .filter((file) => /\.(test|spec)\.ts$/.test(file) && !file.startsWith(join("tests", "outside")))
  .filter((file) => /in-full|ZIP_STEP_ROUNDS/.test(readFileSync(file, "utf8")));
const isOfBrowser = (file: string) => file.endsWith(".spec.ts");
const runners = [
  ["vitest", "run", "tests/outside", ...shortened.filter((file) => !isOfBrowser(file))],
  ["playwright", "test", ...shortened.filter(isOfBrowser)],
];
const env = { ...process.env, ZIP_STEP_ROUNDS: String(powerCuts), ZIP_STEP_IN_FULL: "1" };
const ended = runners.map((runner) => spawnSync("npx", runner, { stdio: "inherit", env }).status ?? 1);
process.exit(Math.max(...ended));
