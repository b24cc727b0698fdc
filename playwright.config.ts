import { defineConfig } from "@playwright/test";
import { chromiumPath } from "./scripts/lib/chromium.mjs";

const executablePath = chromiumPath();

/**
 * Each test has a page of its own, gone in seconds: code is made fast for longer than it then runs. Without V8's last stage
 * of it, and with the one before begun at a later count, the same screens took 17.4 s of processor in place of 23.6
 * (medians of three, in turn, 1 December 2026). What the code does is the same.
 */
const ENGINE_FLAGS = "--js-flags=--no-opt --interrupt-budget-for-maglev=100000";

export default defineConfig({
  testDir: "tests/browser",
  globalSetup: "./tests/browser/plant-once.ts",
  // Only against what never ends, as everywhere: a busy machine takes several times as long.
  timeout: 240_000,
  expect: { timeout: 30_000 },
  // Each worker has a server and a data folder of its own.
  workers: 2,
  reporter: "list",
  use: {
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      ...(executablePath && { executablePath }),
      args: [
        ENGINE_FLAGS,
        // Of `tests/browser/server.ts`.
        "--process-per-site",
        "--no-sandbox",
        "--disable-gpu",
        "--disable-quic",
        "--no-first-run",
        "--disable-background-networking",
        "--disable-component-update",
        "--disable-sync",
      ],
    },
  },
});
