import { defineConfig } from "vitest/config";

export default defineConfig({
  test: {
    // Vitest would keep one core of two for itself.
    maxWorkers: 2,
    // Only against what never ends: no speed is asserted, and a busy machine takes several times as long.
    testTimeout: 400_000,
    hookTimeout: 400_000,
    projects: [
      {
        extends: true,
        test: {
          name: "logic",
          include: ["src/**/*.test.ts", "tests/{docs,outside}/**/*.test.ts"],
          // They change nothing that others see: the word list is unpacked once in a process, not once a file.
          isolate: false,
        },
      },
      // A process has one database: each file gets its own.
      {
        extends: true,
        test: { name: "server", include: ["tests/server/**/*.test.ts"], globalSetup: "tests/server/template.ts" },
      },
    ],
  },
});
