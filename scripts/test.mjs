/**
 * `npm test`: installs what is missing, then type check, lint, dependency rules, dead code, unit tests, browser
 * tests. The last line counts what the two test runners themselves report; a stage that is no test
 * runner counts as one failure when it fails and as nothing when it passes.
 */
import { spawn, spawnSync } from "node:child_process";
import { closeSync, existsSync, mkdtempSync, openSync, readFileSync, rmSync, statfsSync } from "node:fs";
import { freemem, tmpdir } from "node:os";
import { join } from "node:path";
import { chromiumPath, HEADLESS_SHELL } from "./lib/chromium.mjs";
import { buildWhenNeeded, checkNode, installPackages, run } from "./lib/prepare.mjs";

/** Bytes: several times what all data folders of a run take. */
const ROOM_FOR_TESTS = 4 * 1024 ** 3;

checkNode();
const [chromium] = await Promise.all([findChromium(), installPackages()]);

const reports = mkdtempSync(join(inMemory() ?? tmpdir(), "zip-step-test-"));
// What the tests write lies in the same folder, and goes with it.
process.env.TMPDIR = reports;
process.on("exit", () => rmSync(reports, { recursive: true, force: true }));
for (const signal of ["SIGINT", "SIGTERM"]) process.once(signal, () => process.exit(1));
const failedStages = [];
/** A command of a package, started without npm: that alone takes the better part of a second each time. */
const bin = (name) => join("node_modules", ".bin", name);
let passed = 0;
let failed = 0;

// The build keeps one processor busy; the other stages run beside it.
const built = buildWhenNeeded();
await stage("lint", [bin("biome"), "check", "."]);
await stage("imports", [bin("depcruise"), "--config", ".dependency-cruiser.cjs", "src"]);
const lightParts = ["src/core/light.ts", "src/schemas"];
await stage("what pages fetch", [bin("depcruise"), "--config", ".dependency-cruiser.pages.cjs", ...lightParts]);
await stage("dead code", [bin("knip")]);
// Pages as Astro checks them; all else by the compiler that is several times quicker, and knows no pages.
const pageTypes = ["check", "--minimumFailingSeverity", "warning", "--tsconfig", "tsconfig.pages.json"];
const types = aside("types of pages", [bin("astro"), ...pageTypes]).then(() =>
  aside("types", [process.execPath, "node_modules/typescript-7/bin/tsc", "--noEmit", "--checkers", "1"]),
);
await built;
// For the browser tests, which would all wait for it.
const plantedFolder = join(reports, "planted");
const planted = types.then(() => aside("demo planted", [bin("tsx"), "tests/browser/plant-demo.ts", plantedFolder]));

const unitReport = join(reports, "unit.json");
await runner(
  "unit tests",
  [bin("vitest"), "run", "--reporter=default", "--reporter=json", `--outputFile.json=${unitReport}`],
  () => {
    const { numPassedTests, numFailedTests, numFailedTestSuites, testResults } = readJson(unitReport);
    // A file that cannot even be loaded runs no test: it is a failure all the same.
    const unloaded = testResults.filter(
      (file) => file.status === "failed" && file.assertionResults.length === 0,
    ).length;
    return { passed: numPassedTests, failed: numFailedTests + unloaded, ok: numFailedTestSuites === 0 };
  },
);

const isPlanted = await planted;

const browserReport = join(reports, "browser.json");
await runner(
  "browser tests",
  [bin("playwright"), "test", "--reporter=list,json"],
  () => {
    const { stats, errors } = readJson(browserReport);
    return {
      passed: stats.expected + stats.flaky,
      failed: stats.unexpected + errors.length,
      ok: stats.unexpected === 0,
    };
  },
  {
    PLAYWRIGHT_JSON_OUTPUT_NAME: browserReport,
    CHROMIUM: chromium,
    ...(isPlanted && { ZIP_STEP_TEST_PLANTED: plantedFolder }),
  },
);

failed += failedStages.length;
if (failedStages.length > 0) console.log(`\nfailed: ${failedStages.join(", ")}`);
console.log(`\nzip-step: ${passed} passed, ${failed} failed`);
process.exit(failed === 0 && passed > 0 ? 0 : 1);

/**
 * A folder in memory for what tests write, which is all forgotten: forcing it to a disk takes a quarter of the time of the
 * tests that have a database. Undefined where there is none, or not enough of it.
 */
function inMemory() {
  const folder = "/dev/shm";
  if (!existsSync(folder)) return undefined;
  const { bavail, bsize } = statfsSync(folder);
  const memory = process.availableMemory?.() ?? freemem();
  return Math.min(bavail * bsize, memory) > ROOM_FOR_TESTS ? folder : undefined;
}

function readJson(file) {
  return JSON.parse(readFileSync(file, "utf8"));
}

function environment(more = {}) {
  return { ...process.env, ASTRO_TELEMETRY_DISABLED: "1", NODE_ENV: "test", ...more };
}

/** A stage beside others; what it prints is shown when it is through. @returns whether it passed */
async function aside(name, [command, ...args]) {
  const file = join(reports, `${name}.txt`);
  const out = openSync(file, "w");
  const child = spawn(command, args, { stdio: ["ignore", out, out], env: environment() });
  const status = await new Promise((resolve) => {
    child.once("error", () => resolve(1));
    child.once("exit", resolve);
  });
  closeSync(out);
  console.log(`\n— ${name}\n${readFileSync(file, "utf8")}`);
  if (status !== 0) failedStages.push(name);
  return status === 0;
}

async function stage(name, [command, ...args]) {
  console.log(`\n— ${name}`);
  if ((await run(command, args, { env: environment() })) !== 0) failedStages.push(name);
}

/** A runner that ends badly without having counted a failure is itself one. */
async function runner(name, [command, ...args], count, env) {
  console.log(`\n— ${name}`);
  const status = await run(command, args, { env: environment(env) });
  try {
    const counted = count();
    passed += counted.passed;
    failed += counted.failed;
    if (status !== 0 && counted.failed === 0) failedStages.push(name);
  } catch {
    failedStages.push(`${name} (no report)`);
  }
}

/** The browser that the tests drive, installed when this machine lets us. */
async function findChromium() {
  const isRoot = process.getuid?.() === 0;
  const canBeLighter = !process.env.CHROMIUM && !existsSync(HEADLESS_SHELL);
  if (canBeLighter && isRoot && spawnSync("apt-get", ["--version"]).status === 0) {
    const env = { ...process.env, DEBIAN_FRONTEND: "noninteractive" };
    const install = (name) => {
      console.log(`Installing ${name} (apt-get)…`);
      return run("apt-get", ["install", "-y", "-q", "--no-install-recommends", name], { env });
    };
    await run("apt-get", ["update", "-q"], { stdio: "ignore", env });
    await install("chromium-headless-shell");
    if (!chromiumPath()) await install("chromium");
  }
  const found = chromiumPath();
  if (found) return found;
  console.error(
    "The browser tests need Chromium: install it (Debian: sudo apt-get install chromium-headless-shell), or set CHROMIUM to its path.",
  );
  process.exit(1);
}
