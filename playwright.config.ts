import { defineConfig } from "@playwright/test";
import { chromiumPath } from "./scripts/lib/chromium.mjs";

const executablePath = chromiumPath();

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
