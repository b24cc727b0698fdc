import { existsSync, readdirSync, readFileSync, statSync } from "node:fs";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import { scriptsWith } from "../../scripts/lib/script-imports.mjs";
import { SHARED_SCRIPT_NAMES, sharedScriptOf } from "../../scripts/lib/shared-scripts.mjs";
import type { ScriptImports } from "../../src/server/http/named-scripts.ts";

/** What a screen has to fetch before it listens, in the built application: bytes, which no machine makes more of. */
const FOLDER = "dist/client/_astro";
const manifest = readFileSync(
  join("dist/server", readdirSync("dist/server").find((name) => name.startsWith("manifest_")) as string),
  "utf8",
);
const scriptOf = (island: string) => {
  const found = new RegExp(`"(?:[^"]*/)?${island}":"(?:[^"]*/)?([^"/]+)"`).exec(manifest)?.[1];
  if (!found) throw new Error(`No script for ${island}`);
  return found;
};
const REACT = scriptOf("@astrojs/react/client.js");
const EVERYWHERE = "src/islands/word-card/WordCards.tsx";
const WITH_NAVIGATION = ["src/islands/go-to/GoTo.tsx", "src/islands/outbox/WaitingMarks.tsx"];

/** Bytes as they are sent. */
const sentSize = (script: string) => {
  const file = join(FOLDER, script);
  return statSync(existsSync(`${file}.br`) ? `${file}.br` : file).size;
};
const kB = (islands: readonly string[]) => {
  const found = new Set<string>();
  for (const script of [REACT, ...islands.map(scriptOf)]) scriptsWith(FOLDER, script, found);
  return [...found].reduce((sum, script) => sum + sentSize(script), 0) / 1000;
};

const SCREENS = {
  teach: ["src/islands/teach/Teach.tsx"],
  "the learners' view": ["src/islands/teach/LearnersView.tsx"],
  today: ["src/islands/today/GroupCard.tsx", "src/islands/today/NewGroup.tsx", "src/islands/today/Rejudged.tsx"],
  "the first minute": ["src/islands/today/FirstMinute.tsx"],
  evidence: ["Evidence", "ChangeOverTime"].map((name) => `src/islands/evidence/${name}.tsx`),
  bench: ["src/islands/bench/Bench.tsx"],
  families: ["src/islands/families/Families.tsx"],
  "ears only": ["src/islands/ears-only/EarsOnly.tsx"],
  plan: ["src/islands/plan/Plan.tsx"],
  texts: ["src/islands/texts/Texts.tsx"],
  saved: ["src/islands/saved/Saved.tsx"],
  settings: ["src/islands/settings/Settings.tsx"],
  people: ["src/islands/people/People.tsx"],
  "a sequence": ["src/islands/sequence/SequenceEditor.tsx"],
  "what a group has been taught": ["src/islands/groups/Ticks.tsx"],
  grouping: ["src/islands/grouping/Grouping.tsx"],
  "cards to take home": ["src/islands/packs/Packs.tsx"],
  "marks on paper": ["src/islands/paper-marks/PaperMarks.tsx"],
  backups: ["src/islands/backups/Backups.tsx"],
} as const satisfies Readonly<Record<string, readonly string[]>>;
/** By address of a script, all that it cannot run without, itself first. */
const imports = JSON.parse(readFileSync("dist/server/script-imports.json", "utf8")) as ScriptImports;
const FULL_SCREEN: readonly string[] = ["teach", "the learners' view"];

describe("the scripts of a screen", () => {
  it.each(Object.entries(SCREENS))("%s fetches no more than it may before it listens", (name, islands) => {
    const all = [...islands, EVERYWHERE, ...(FULL_SCREEN.includes(name) ? [] : WITH_NAVIGATION)];
    expect(kB(all)).toBeGreaterThan(60);
    expect(kB(all)).toBeLessThanOrEqual(FULL_SCREEN.includes(name) ? 120 : 200);
  });

  it("a module that many screens need lies in a script with others like it, and any other where the bundler puts it", () => {
    expect(sharedScriptOf("/zip-step/node_modules/react-dom/client.js")).toBe("common");
    expect(sharedScriptOf("/zip-step/node_modules/@radix-ui/react-use-layout-effect/dist/index.mjs")).toBe("controls");
    expect(sharedScriptOf("/zip-step/node_modules/@radix-ui/react-use-size/dist/index.mjs")).toBe("menus");
    expect(sharedScriptOf("/zip-step/src/islands/teach/Teach.tsx")).toBeUndefined();
  });

  it("each of the shared scripts is there: what they name is not gone", () => {
    const names = readdirSync(FOLDER).map((name) => name.split(".")[0]);
    expect(names).toEqual(expect.arrayContaining(SHARED_SCRIPT_NAMES));
  });

  it("no two of them need each other: the first would run without the other", () => {
    const needs = (script: string) => (imports[script] ?? []).filter((other) => other !== script);
    const all = Object.keys(imports);
    expect(all.filter((script) => needs(script).length > 0).length).toBeGreaterThan(50);
    expect(all.filter((script) => needs(script).some((other) => needs(other).includes(script)))).toEqual([]);
  });

  it("the server is told of all that a screen's own part asks for, so that the page can name it", () => {
    for (const island of Object.values(SCREENS).flat()) {
      const address = `/_astro/${scriptOf(island)}`;
      expect(imports[address], island).toEqual(
        [...scriptsWith(FOLDER, scriptOf(island))].map((script) => `/_astro/${script}`),
      );
    }
  });
});
