/** Starts what was built; what can be set stands in src/server/door/start.ts. */
if (process.channel) {
  process.on("disconnect", () => process.kill(process.pid, "SIGTERM"));
  // The channel alone keeps nothing running.
  process.channel.unref();
}
await import("../dist/server/entry.mjs");
