import { mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { type ClientRequest, request } from "node:http";
import type { AddressInfo } from "node:net";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { brotliDecompressSync } from "node:zlib";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { compressFiles } from "../../scripts/lib/compress-files.mjs";
import { LARGEST_BODY } from "../../src/server/door/limits.ts";
import { makeServer } from "../../src/server/door/serve.ts";

/** The HTTP server as it stands before the application, with an application that says what has reached it. */
const folder = mkdtempSync(join(tmpdir(), "zip-step-door-"));
const SCRIPT = "tern ".repeat(400);
// Files are looked up once, when the server is made.
mkdirSync(join(folder, "_astro"));
writeFileSync(join(folder, "_astro", "a.js"), SCRIPT);
await compressFiles(folder);
const reached: string[] = [];
const server = makeServer({
  files: folder,
  handler: async (asked, response) => {
    reached.push(`${asked.method} ${asked.url} ${asked.body?.length ?? 0}`);
    response.end("here");
  },
});
let port: number;

beforeAll(async () => {
  await new Promise<void>((ready) => server.listen(0, "127.0.0.1", ready));
  port = (server.address() as AddressInfo).port;
});
afterAll(() => {
  server.close();
  rmSync(folder, { recursive: true, force: true });
});

interface Answer {
  readonly status: number | undefined;
  readonly headers: Readonly<Record<string, unknown>>;
  readonly text: string;
}

/** A request byte by byte, as no browser would let us send it. */
function ask(method: string, path: string, headers: object, send: (asked: ClientRequest) => void = (r) => r.end()) {
  return new Promise<Answer>((resolve, reject) => {
    const asked = request({ port, host: "127.0.0.1", method, path, headers: { ...headers } }, (response) => {
      let text = "";
      response.on("data", (part) => (text += part));
      response.on("end", () => resolve({ status: response.statusCode, headers: response.headers, text }));
      response.on("error", reject);
    });
    asked.on("error", reject);
    send(asked);
  });
}

const JSON_TYPE = { "content-type": "application/json" };

describe("the server in front of the application", () => {
  it("sends a script compressed to who can read it so, and as it is to who cannot", async () => {
    const file = readFileSync(join(folder, "_astro", "a.js.br"));
    expect([file.length < 100, brotliDecompressSync(file).toString()]).toEqual([true, SCRIPT]);
    const compressed = await ask("GET", "/_astro/a.js", { "accept-encoding": "gzip, br" });
    expect(compressed.headers).toMatchObject({
      "content-encoding": "br",
      "content-length": String(file.length),
      "content-type": "text/javascript",
      vary: "Accept-Encoding",
      "cache-control": expect.stringContaining("immutable"),
    });
    const plain = await ask("GET", "/_astro/a.js", {});
    expect([plain.headers["content-encoding"], plain.text]).toEqual([undefined, SCRIPT]);
  });

  it("reads a body up to its limit and hands it on", async () => {
    const text = `"${"x".repeat(LARGEST_BODY - 2)}"`;
    expect((await ask("POST", "/api/x", JSON_TYPE, (asked) => asked.end(text))).status).toBe(200);
    expect(reached.at(-1)).toBe(`POST /api/x ${LARGEST_BODY}`);
  });

  it("counts bytes, not letters", async () => {
    const text = "é".repeat(LARGEST_BODY / 2 + 1);
    const { status } = await ask("POST", "/api/letters", JSON_TYPE, (asked) => asked.end(text));
    expect([status, reached.some((one) => one.includes("/api/letters"))]).toEqual([413, false]);
  });

  it("refuses by its length a body that has not been sent yet", async () => {
    const headers = { ...JSON_TYPE, "content-length": 50_000_000 };
    const { status, text } = await ask("POST", "/api/later", headers, (asked) => asked.flushHeaders());
    expect([status, JSON.parse(text).error.code]).toEqual([413, "too-large"]);
    expect(reached.some((one) => one.includes("/api/later"))).toBe(false);
  });

  it("stops reading a body that does not say how long it is", async () => {
    const { status } = await ask("POST", "/api/endless", { ...JSON_TYPE, "transfer-encoding": "chunked" }, (asked) => {
      for (let k = 0; k < 40; k++) asked.write("x".repeat(10_000));
    });
    expect([status, reached.some((one) => one.includes("/api/endless"))]).toEqual([413, false]);
  });

  it.each([
    ["/", {}, 200],
    ["/_astro/a.js", {}, 200],
    ["/_astro/../../package.json", {}, 200],
    ["/api/x", { host: "evil.test" }, 421],
  ])("answers %s %o with every header of safety", async (path, more, status) => {
    const answer = await ask("GET", path, more);
    expect(answer.status).toBe(status);
    expect(answer.headers).toMatchObject({
      "x-content-type-options": "nosniff",
      "x-frame-options": "DENY",
      "referrer-policy": "same-origin",
      "cross-origin-resource-policy": "same-origin",
      "permissions-policy": expect.stringContaining("camera=()"),
      "content-security-policy": expect.stringContaining("frame-ancestors 'none'"),
    });
    // What is no file of the folder is the application's to answer.
    expect(answer.text).not.toContain("dependencies");
  });
});
