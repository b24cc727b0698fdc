import { defineConfig } from "vitest/config";
import { BaseSequencer, type TestSpecification } from "vitest/node";
import { ENGINE_FLAGS } from "./scripts/lib/engine-flags.mjs";

/** Files whose tests take longest: begun first, so that no processor waits for one of them in the end. */
const LONGEST = [
  "server/crash",
  "server/old-folders",
  "server/backups",
  "server/power-cut",
  "server/data-folder",
  "server/fuzz",
  "outside/espeak",
  "outside/dictionary",
  "outside/chains",
  "outside/more-chains",
].map((name) => `/${name}.test.ts`);

class LongestFirst extends BaseSequencer {
  override async sort(files: TestSpecification[]): Promise<TestSpecification[]> {
    const isLong = ({ moduleId }: TestSpecification) => LONGEST.some((name) => moduleId.endsWith(name));
    const others = await super.sort(files);
    return [...others.filter(isLong), ...others.filter((file) => !isLong(file))];
  }
}

/** Room for what is made and thrown away at once, in MB: collecting it took a sixth of the time of all unit tests. */
const EXEC_ARGV = ["--max-semi-space-size=64", ...ENGINE_FLAGS];

export default defineConfig({
  test: {
    include: ["src/**/*.test.ts", "tests/{docs,outside,server}/**/*.test.ts"],
    globalSetup: "tests/server/template.ts",
    execArgv: EXEC_ARGV,
    // Vitest would keep one core of two for itself.
    maxWorkers: 2,
    // The word list and the server are loaded once in a process, not once a file: a test of the logic changes nothing that
    // others see, one of the server has a database of its own (`fresh-database.ts`).
    isolate: false,
    sequence: { sequencer: LongestFirst },
    // Only against what never ends: no speed is asserted, and a busy machine takes several times as long.
    testTimeout: 400_000,
    hookTimeout: 400_000,
    expect: { poll: { timeout: 300_000 } },
  },
});
