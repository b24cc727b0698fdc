import { describe, expect, it } from "vitest";
import { allowedHosts } from "./hosts.ts";
import { judgeRequest, type RequestHead } from "./judge-request.ts";
import { LARGEST_BODY } from "./limits.ts";

const HOSTS = allowedHosts("reading-room.test");
const HOST = "127.0.0.1:4321";
const page: RequestHead = { method: "GET", url: "/plan", headers: { host: HOST } };
const json = { host: HOST, "content-type": "application/json", "content-length": "2" };
const write: RequestHead = { method: "POST", url: "/api/groups", headers: json };
const judge = (head: RequestHead, headers: object = {}, more: object = {}) =>
  judgeRequest({ ...head, ...more, headers: { ...head.headers, ...headers } }, HOSTS)?.code;

describe("the door", () => {
  it.each([HOST, "localhost:4321", "LOCALHOST", "[::1]:4321", "127.0.0.1", "reading-room.test:80"])(
    "is open under the name %s",
    (host) => {
      expect(judge(page, { host })).toBeUndefined();
      expect(judge(write, { host, origin: `http://${host}` })).toBeUndefined();
    },
  );

  it.each([
    "evil.test",
    "evil.test:4321",
    "127.0.0.1.evil.test",
    "localhost.evil.test",
    "127.0.0.1@evil.test",
    "evil.test#127.0.0.1",
    "127.0.0.1:4321:4321",
    "192.168.0.7",
    "0.0.0.0",
    "",
    undefined,
  ])("is shut under the name %s", (host) => {
    expect(judge(page, { host })).toBe("wrong-host");
    expect(judge(write, { host })).toBe("wrong-host");
  });

  it("takes no write from another site's page, whatever it calls itself", () => {
    for (const origin of [
      "http://evil.test",
      "null",
      "https://127.0.0.1.evil.test",
      "file://",
      "http://",
      "chrome://x",
    ])
      expect(judge(write, { origin }), origin).toBe("foreign-origin");
    for (const site of ["cross-site", "same-site"])
      expect(judge(write, { "sec-fetch-site": site }), site).toBe("foreign-origin");
    expect(judge(write, { "sec-fetch-site": "same-origin", origin: `http://${HOST}` })).toBeUndefined();
  });

  it("lets other sites link here, and show nothing of ours", () => {
    const from = (dest: string, mode: string) =>
      judge(page, { "sec-fetch-site": "cross-site", "sec-fetch-dest": dest, "sec-fetch-mode": mode });
    expect(from("document", "navigate")).toBeUndefined();
    for (const [dest, mode] of [
      ["iframe", "navigate"],
      ["image", "no-cors"],
      ["script", "no-cors"],
      ["empty", "cors"],
      ["object", "navigate"],
    ] as const)
      expect(from(dest, mode), dest).toBe("foreign-origin");
  });

  it.each([
    ["a body that says it is too large", { "content-length": String(LARGEST_BODY + 1) }, "too-large"],
    ["a form", { "content-type": "application/x-www-form-urlencoded" }, "not-json"],
    ["plain text", { "content-type": "text/plain" }, "not-json"],
    ["what looks like JSON and is not", { "content-type": "application/jsonp" }, "not-json"],
    ["no type", { "content-type": undefined }, "not-json"],
  ])("refuses %s before it is read", (_, headers, code) => {
    expect(judge(write, headers)).toBe(code);
  });

  it.each([
    ["a method that pages do not know", "POST", "/plan", "wrong-method"],
    ["a method that nobody knows", "TRACE", "/api/groups", "wrong-method"],
    ["a question about other origins", "OPTIONS", "/api/groups", "wrong-method"],
    ["an address that cannot be decoded", "GET", "/teach/%E0%A4%A", "invalid"],
    ["an address with a zero in it", "GET", "/week?group=%00", "invalid"],
    ["a whole address in place of a path", "GET", "http://evil.test/", "invalid"],
    ["an address without a host", "GET", "//evil.test/", "invalid"],
    ["an address that is too long", "GET", `/plan?x=${"a".repeat(9_000)}`, "address-too-long"],
  ])("refuses %s", (_, method, url, code) => {
    expect(judge(page, {}, { method, url })).toBe(code);
  });
});
