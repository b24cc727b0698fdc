import { defineConfig } from "@playwright/test";

export default defineConfig({
  testDir: "tests/browser",
  timeout: 180_000,
  expect: { timeout: 40_000 },
  workers: 1,
  reporter: "list",
  // A busy machine can stall for half a minute: one more try tells a stall from a fault.
  retries: 1,
  use: {
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      executablePath: process.env["CHROMIUM"] ?? "/usr/bin/chromium",
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
