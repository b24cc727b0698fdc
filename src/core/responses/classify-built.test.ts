import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { substitutionTable } from "../evidence/substitution-table.ts";
import { unitCounts } from "../evidence/unit-counts.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import type { Segmentation } from "../spelling/segmentation.ts";
import { isBuiltRight, outcomeOfBuilding } from "./built-right.ts";
import { classifyBuilt } from "./classify-built.ts";
import { lettersOfTiles } from "./tiles.ts";

const read = (word: string) => shippedLexicon().get(word)?.readings[0] as Segmentation;
const units = (word: string, ...attempt: string[]) =>
  classifyBuilt(read(word), [attempt]).units.map(({ result, built }) => (built ? `${result} ${built}` : result));

describe("a word that was built", () => {
  it.each([
    ["clap", ["c", "l", "a", "p"], ["right", "right", "right", "right"]],
    ["clap", ["l", "a", "p"], ["omission", "right", "right", "right"]],
    ["pen", ["p", "i", "n"], ["right", "substitution i", "right"]],
    ["back", ["b", "a", "k"], ["right", "right", "other-spelling k"]],
    ["ship", ["s", "i", "p"], ["substitution s", "right", "right"]],
    ["cake", ["c", "a", "k"], ["right", "substitution a", "right"]],
    ["cap", ["c", "a", "m", "p"], ["right", "right", "right"]],
    ["stop", ["t", "o", "p"], ["omission", "right", "right", "right"]],
    ["cat", ["i"], ["omission", "substitution i", "omission"]],
  ])("%s built as %j", (word, attempt, expected) => {
    expect(units(word, ...attempt)).toEqual(expected);
  });

  it("the first attempt tells; what is right later is put right, not right", () => {
    const attempts = [
      ["p", "i", "n"],
      ["p", "e", "n"],
    ];
    expect(outcomeOfBuilding(read("pen"), attempts)).toBe("self-corrected");
    expect(classifyBuilt(read("pen"), attempts).units[1]).toEqual({ result: "substitution", said: ["ɪ"], built: "i" });
    expect(outcomeOfBuilding(read("pen"), attempts.slice(0, 1))).toBe("wrong");
    expect(outcomeOfBuilding(read("pen"), [])).toBe("no-attempt");
    expect(classifyBuilt(read("pen"), []).units.every(({ result }) => result === "not-known")).toBe(true);
  });

  it("what was built for what is counted as what was read for what; another spelling is no other sound", () => {
    const item = (word: string, ...attempt: string[]) =>
      unitCounts({ target: read(word), verdict: classifyBuilt(read(word), [attempt]) });
    const rows = substitutionTable([item("pen", "p", "i", "n"), item("back", "b", "a", "k")].flat());
    expect(rows.find(({ gpc }) => gpc === "e=e")).toMatchObject({ wrong: 1, substitutions: [{ said: ["ɪ"] }] });
    expect(rows.find(({ gpc }) => gpc === "ck=k")).toMatchObject({ chances: 1, wrong: 0 });
  });

  it("right exactly when the letters are the word's, whatever lies on the board", () => {
    const word = fc.constantFrom("cat", "ship", "clap", "cake", "mum", "stand", "queen");
    const tile = fc.constantFrom("c", "a", "t", "sh", "i", "p", "l", "a-e", "k", "m", "u", "s", "n", "d", "qu", "ee");
    fc.assert(
      fc.property(word, fc.array(tile, { maxLength: 7 }), (name, attempt) => {
        const verdict = classifyBuilt(read(name), [attempt]);
        const all = verdict.units.every(({ result }) => result === "right");
        expect(verdict.units).toHaveLength(read(name).units.length);
        expect(isBuiltRight(read(name), attempt)).toBe(lettersOfTiles(attempt) === name);
        if (isBuiltRight(read(name), attempt)) expect(all).toBe(true);
      }),
      { seed: 3, numRuns: 400 },
    );
  });
});
