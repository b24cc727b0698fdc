import type { Server } from "node:http";
import { setFlagsFromString } from "node:v8";
import { runInNewContext } from "node:vm";

/** So long without a request, in milliseconds, and the server is at rest. */
const AT_REST_MS = 20_000;

/**
 * Clears away what a start and each spell of work leave behind, once nobody asks for anything: left to itself Node.js
 * keeps it until memory is short, and a reading room's laptop has little.
 */
export function giveBackMemory(server: Server): void {
  setFlagsFromString("--expose-gc");
  const collect = runInNewContext("gc") as () => void;
  let lastAsked = Date.now();
  let isClear = false;
  server.on("request", () => {
    lastAsked = Date.now();
    isClear = false;
  });
  setInterval(() => {
    if (isClear || Date.now() - lastAsked < AT_REST_MS) return;
    isClear = true;
    collect();
  }, AT_REST_MS / 2).unref();
}
