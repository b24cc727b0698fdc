import { defineConfig } from "vitest/config";

export default defineConfig({
  test: {
    include: ["src/**/*.test.ts", "tests/outside/**/*.test.ts", "tests/server/**/*.test.ts"],
    // Vitest would keep one core of two for itself.
    maxWorkers: 2,
    // PGlite opens a database per file: a little patience on a busy machine, no speed is asserted.
    testTimeout: 60_000,
    hookTimeout: 60_000,
  },
});
