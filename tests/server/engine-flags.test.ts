import { spawnSync } from "node:child_process";
import { describe, expect, it } from "vitest";
import { ENGINE_FLAGS } from "../../scripts/lib/engine-flags.mjs";

describe("the engine's flags", () => {
  it.each(ENGINE_FLAGS)("%s is one that this Node.js knows: another is complained of and left out", (flag) => {
    const setting = (given: string) => {
      const { stderr } = spawnSync(process.execPath, ["-e", `require("node:v8").setFlagsFromString("${given}")`]);
      return String(stderr);
    };
    expect(setting(flag)).toBe("");
    expect(setting(flag.replace("--", "--no-such-"))).toContain("unrecognized flag");
  });
});
