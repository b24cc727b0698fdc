/**
 * `npm run fuzz`: random requests to every endpoint and screen of a built Zip Step on a folder of its own, with the demo
 * in it. Prints how many answers of which kind there were, and what the process held before and after. Build first.
 *   npm run fuzz -- <requests> <seed>   (default 10000 20261128)
 */
import { mkdtempSync, readFileSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { startServer } from "../tests/server/built-server.ts";
import { fuzz } from "../tests/server/fuzz-requests.ts";

const [requests = 10_000, seed = 20261128] = process.argv.slice(2).map(Number);
const folder = mkdtempSync(join(tmpdir(), "zip-step-fuzz-"));
const { child, address } = await startServer(folder, { demo: true });
const heldNow = () => Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${child.pid}/status`, "utf8"))?.[1]) / 1024;
/** At rest a server clears away what work left behind: so long after the last request it has, in milliseconds. */
const rest = () => new Promise((resolve) => setTimeout(resolve, 40_000));
await fuzz(address, 300, seed + 1);
await rest();
const before = heldNow();
const report = await fuzz(address, requests, seed);
await rest();
console.log(report, { megabytesBefore: Math.round(before), megabytesAfter: Math.round(heldNow()) });
child.kill("SIGKILL");
rmSync(folder, { recursive: true, force: true });
process.exit(report.failed.length + report.hung.length === 0 ? 0 : 1);
