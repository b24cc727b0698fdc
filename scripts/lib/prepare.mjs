/** What both commands need before anything else: plain Node.js, no packages. */
import { execFile, spawn } from "node:child_process";
import { createHash } from "node:crypto";
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { promisify } from "node:util";

const LEAST_NODE = 20;

/** Ends with one clear line when this Node.js is too old. */
export function checkNode() {
  const major = Number(process.versions.node.split(".")[0]);
  if (major >= LEAST_NODE) return;
  console.error(`Zip Step needs Node.js ${LEAST_NODE} or later; this is ${process.versions.node}.`);
  process.exit(1);
}

const hashOf = (files) => {
  const hash = createHash("sha256");
  for (const file of files) hash.update(file).update(readFileSync(file));
  return hash.digest("hex");
};

function filesUnder(folder) {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    return entry.isDirectory() ? filesUnder(path) : [path];
  });
}

const readIfThere = (file) => (existsSync(file) ? readFileSync(file, "utf8") : "");

/** Runs a command, showing what it prints. @returns its exit code, or null when it did not start */
export function run(command, args, options = {}) {
  const child = spawn(command, args, { stdio: "inherit", ...options });
  return new Promise((resolve) => {
    child.once("error", () => resolve(null));
    child.once("exit", resolve);
  });
}

/** Installs the locked packages when they are not there or the lock file changed; ends the process when it cannot. */
export async function installPackages() {
  const stamp = "node_modules/.zip-step-installed";
  const wanted = hashOf(["package-lock.json"]);
  if (readIfThere(stamp) === wanted) return;
  console.log("Installing packages (npm ci)…");
  const status = await run("npm", ["ci", "--no-audit", "--no-fund", "--loglevel=error"]);
  if (status !== 0) process.exit(status ?? 1);
  writeFileSync(stamp, wanted);
}

/** Builds the application when the sources changed since the last build; ends the process when it cannot. */
export async function buildWhenNeeded() {
  const stamp = "dist/.zip-step-built";
  const sources = [
    ...filesUnder("src"),
    ...filesUnder("public"),
    "astro.config.mjs",
    "scripts/lib/compress-files.mjs",
    "scripts/lib/script-imports.mjs",
    "scripts/lib/shared-scripts.mjs",
    "package-lock.json",
  ];
  const wanted = hashOf(sources.filter((file) => statSync(file).isFile() && !file.includes(".test.")).sort());
  if (readIfThere(stamp) === wanted) return;
  console.log("Building…");
  try {
    await promisify(execFile)(join("node_modules", ".bin", "astro"), ["build"], {
      maxBuffer: 64 * 1024 * 1024,
      // Room for what is made and thrown away at once, in MB: collecting it took a sixth of the time.
      env: {
        ...process.env,
        ASTRO_TELEMETRY_DISABLED: "1",
        NODE_OPTIONS: `${process.env.NODE_OPTIONS ?? ""} --max-semi-space-size=64`,
      },
    });
  } catch (error) {
    console.error(String(error.stdout ?? ""), String(error.stderr ?? error));
    process.exit(1);
  }
  writeFileSync(stamp, wanted);
}
