/**
 * `npm test`: installs what is missing, then type check, lint, dependency rules, dead code, unit tests, browser
 * tests. The last line counts what the two test runners themselves report; a stage that is no test
 * runner counts as one failure when it fails and as nothing when it passes.
 */
import { spawn, spawnSync } from "node:child_process";
import { closeSync, existsSync, mkdtempSync, openSync, readFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { chromiumPath, HEADLESS_SHELL } from "./lib/chromium.mjs";
import { buildWhenNeeded, checkNode, installPackages } from "./lib/prepare.mjs";

checkNode();
installPackages();
const chromium = findChromium();
buildWhenNeeded();

const reports = mkdtempSync(join(tmpdir(), "zip-step-test-"));
const failedStages = [];
let passed = 0;
let failed = 0;

// The type check keeps one processor busy: the others, and the first unit tests, run beside it.
const types = aside("types", ["npx", "astro", "check", "--minimumFailingSeverity", "warning"]);
stage("lint", ["npx", "biome", "check", "."]);
stage("imports", ["npx", "depcruise", "--config", ".dependency-cruiser.cjs", "src"]);
stage("what pages fetch", ["npx", "depcruise", "--config", ".dependency-cruiser.pages.cjs", "src"]);
stage("dead code", ["npx", "knip"]);

const unitReport = join(reports, "unit.json");
runner(
  "unit tests",
  ["npx", "vitest", "run", "--reporter=default", "--reporter=json", `--outputFile.json=${unitReport}`],
  () => {
    const { numPassedTests, numFailedTests, numFailedTestSuites, testResults } = readJson(unitReport);
    // A file that cannot even be loaded runs no test: it is a failure all the same.
    const unloaded = testResults.filter(
      (file) => file.status === "failed" && file.assertionResults.length === 0,
    ).length;
    return { passed: numPassedTests, failed: numFailedTests + unloaded, ok: numFailedTestSuites === 0 };
  },
);

await types;

const browserReport = join(reports, "browser.json");
runner(
  "browser tests",
  ["npx", "playwright", "test", "--reporter=list,json"],
  () => {
    const { stats, errors } = readJson(browserReport);
    return {
      passed: stats.expected + stats.flaky,
      failed: stats.unexpected + errors.length,
      ok: stats.unexpected === 0,
    };
  },
  { PLAYWRIGHT_JSON_OUTPUT_NAME: browserReport, CHROMIUM: chromium },
);

failed += failedStages.length;
if (failedStages.length > 0) console.log(`\nfailed: ${failedStages.join(", ")}`);
console.log(`\nzip-step: ${passed} passed, ${failed} failed`);
process.exit(failed === 0 && passed > 0 ? 0 : 1);

function readJson(file) {
  return JSON.parse(readFileSync(file, "utf8"));
}

function environment(more = {}) {
  return { ...process.env, ASTRO_TELEMETRY_DISABLED: "1", NODE_ENV: "test", ...more };
}

function run([command, ...args], more) {
  return spawnSync(command, args, { stdio: "inherit", env: environment(more) }).status;
}

/** A stage beside others; what it prints is shown when it is through. */
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
}

function stage(name, command) {
  console.log(`\n— ${name}`);
  if (run(command) !== 0) failedStages.push(name);
}

/** A runner that ends badly without having counted a failure is itself one. */
function runner(name, command, count, env) {
  console.log(`\n— ${name}`);
  const status = run(command, env);
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
function findChromium() {
  const isRoot = process.getuid?.() === 0;
  const canBeLighter = !process.env.CHROMIUM && !existsSync(HEADLESS_SHELL);
  if (canBeLighter && isRoot && spawnSync("apt-get", ["--version"]).status === 0) {
    const env = { ...process.env, DEBIAN_FRONTEND: "noninteractive" };
    const install = (name) => {
      console.log(`Installing ${name} (apt-get)…`);
      spawnSync("apt-get", ["install", "-y", "-q", "--no-install-recommends", name], { stdio: "inherit", env });
    };
    spawnSync("apt-get", ["update", "-q"], { stdio: "ignore", env });
    install("chromium-headless-shell");
    if (!chromiumPath()) install("chromium");
  }
  const found = chromiumPath();
  if (found) return found;
  console.error(
    "The browser tests need Chromium: install it (Debian: sudo apt-get install chromium-headless-shell), or set CHROMIUM to its path.",
  );
  process.exit(1);
}
