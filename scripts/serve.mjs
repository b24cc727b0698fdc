/** Starts what was built; what can be set stands in src/server/door/start.ts. */
import { setFlagsFromString } from "node:v8";
import { ENGINE_FLAGS } from "./lib/engine-flags.mjs";

// Given on the command line, a flag that another Node.js does not know would keep it from starting.
for (const flag of ENGINE_FLAGS) setFlagsFromString(flag);
if (process.channel) {
  process.on("disconnect", () => process.kill(process.pid, "SIGTERM"));
  // The channel alone keeps nothing running.
  process.channel.unref();
}
await import("../dist/server/entry.mjs");
