import { defineConfig } from "vitest/config";

export default defineConfig({
  test: {
    include: ["src/**/*.test.ts", "tests/outside/**/*.test.ts", "tests/server/**/*.test.ts"],
    // Vitest would keep one core of two for itself.
    maxWorkers: 2,
    // Only against what never ends: no speed is asserted, and a busy machine takes several times as long.
    testTimeout: 400_000,
    hookTimeout: 400_000,
  },
});
