/**
 * Starts the built server on loopback and says where it is.
 *   ZIP_STEP_DATA  folder for the records (default data/zip-step)
 *   ZIP_STEP_PORT  port (default 4321)
 *   ZIP_STEP_WARM  0 to leave out what makes the first lesson quick to draft
 *   ZIP_STEP_DEMO  1 to plant the demo's reading room in an empty folder
 */
import { createServer } from "node:net";
import { dirname, resolve } from "node:path";
import { fileURLToPath } from "node:url";

// Records are their owner's alone, whatever is written.
process.umask(0o077);
process.env.ZIP_STEP_ROOT ??= resolve(dirname(fileURLToPath(import.meta.url)), "..");
const host = "127.0.0.1";
/** A teacher looks up between two marks: a connection stays open so long, or the next mark may meet it as it closes. */
const KEEP_ALIVE_MS = 55_000;
const port = Number(process.env.ZIP_STEP_PORT ?? 4321);
if (!Number.isInteger(port) || port < 1 || port > 65535) {
  console.error(`ZIP_STEP_PORT must be a number from 1 to 65535, not "${process.env.ZIP_STEP_PORT}".`);
  process.exit(1);
}

function portIsFree() {
  return new Promise((answer) => {
    const probe = createServer();
    probe.once("error", () => answer(false));
    probe.listen(port, host, () => probe.close(() => answer(true)));
  });
}

if (!(await portIsFree())) {
  console.error(`Port ${port} is busy: another program (or another Zip Step) uses it.`);
  console.error(
    `Stop that one, or pick another port: ZIP_STEP_PORT=${port === 4322 ? 4323 : 4322} npm ${process.env.ZIP_STEP_DEMO === "1" ? "run demo" : "start"}`,
  );
  process.exit(1);
}

process.env.HOST = host;
process.env.PORT = String(port);
process.env.ASTRO_NODE_LOGGING = "disabled";
process.env.ASTRO_NODE_AUTOSTART = "disabled";
process.env.NODE_ENV ??= "production";
const { startServer } = await import("../dist/server/entry.mjs");
startServer().server.server.keepAliveTimeout = KEEP_ALIVE_MS;

const address = `http://${host}:${port}`;
const health = await fetch(`${address}/api/health`);
if (!health.ok) {
  const { error } = await health.json();
  console.error(`${error.message}\n${error.hint}`);
  process.exit(1);
}
console.log(`Zip Step is at ${address}`);
// While the first page is being looked at. It may fail: then the first draft takes longer, and nothing else.
if (process.env.ZIP_STEP_WARM !== "0")
  fetch(`${address}/api/warm-up`, { method: "POST", headers: { "content-type": "application/json" } }).catch(
    () => undefined,
  );
