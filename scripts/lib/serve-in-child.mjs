import { spawn } from "node:child_process";

/**
 * How the C library keeps memory that is free again, on Linux: in two places, given back from 128 kB on. By default it
 * keeps some of it for every thread, 50 MB in all. It reads this only when a process begins. Source: GNU C Library manual,
 * Memory Allocation Tunables.
 */
export const FRUGAL = { MALLOC_ARENA_MAX: "2", MALLOC_TRIM_THRESHOLD_: "131072" };

/** Starts what was built in a process of its own, and ends with it as it ends. */
export function serveInChild() {
  const child = spawn(process.execPath, ["scripts/serve.mjs"], {
    env: { ...FRUGAL, ...process.env },
    // The channel closes when this process is gone, however that came: the records are then given back.
    stdio: ["inherit", "inherit", "inherit", "ipc"],
  });
  for (const signal of ["SIGINT", "SIGTERM"]) process.on(signal, () => child.kill(signal));
  child.once("exit", (code, signal) => process.exit(code ?? (signal ? 1 : 0)));
}
