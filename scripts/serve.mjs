/** Starts what was built; what can be set stands in src/server/door/start.ts. */
await import("../dist/server/entry.mjs");
