import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { type RunningServer, startServer } from "./built-server.ts";
import { fillFolder } from "./fresh-folder.ts";
import { fuzz } from "./fuzz-requests.ts";

/** The short form of `npm run fuzz`; the demo, which takes as long as all else, is planted in tests of its own. */
const folder = mkdtempSync(join(tmpdir(), "zip-step-fuzz-"));
let server: RunningServer;

beforeAll(async () => {
  fillFolder(folder);
  server = await startServer(folder);
  await fetch(`${server.address}/api/groups`, {
    method: "POST",
    headers: { "content-type": "application/json" },
    body: JSON.stringify({ name: "Dunes", sequenceId: "phased", step: 20, learners: ["Gull", "Skua"] }),
  });
  // Made ready, as a start does by itself: what hangs then hangs because of a request.
  await fetch(`${server.address}/api/warm-up`, { method: "POST" });
});
afterAll(() => {
  server.child.kill("SIGKILL");
  rmSync(folder, { recursive: true, force: true });
});

describe("requests at random", () => {
  it("to every endpoint and screen are answered in words, none with a failure of ours", async () => {
    const report = await fuzz(server.address, 150, 20261128, { withLongWork: false });
    expect([report.failed, report.hung]).toEqual([[], []]);
    expect(report.answers["2"]).toBeGreaterThan(18);
  });
});
