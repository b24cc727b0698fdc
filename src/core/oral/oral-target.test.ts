import { describe, expect, it } from "vitest";
import { GENERAL_AMERICAN, SOUTHERN_BRITISH } from "../sounds/accents.ts";
import type { OralItem } from "./item.ts";
import { oralSet } from "./oral-set.ts";
import { isOralName, oralName, oralTargetOf, readOralTarget, wordOfOralName, writeOralTarget } from "./oral-target.ts";
import { ORAL_SKILLS, type OralSkill } from "./skills.ts";

const itemsOf = (skill: OralSkill): readonly OralItem[] =>
  [GENERAL_AMERICAN, SOUTHERN_BRITISH].flatMap((accent) => {
    const set = oralSet({ skill, count: 8, accent, words: [], seed: 5 });
    return set.ok ? set.items : [];
  });

describe.each(ORAL_SKILLS)("what is answered to in %s", (skill) => {
  it("is written and read again as it was, with a name of its own", () => {
    for (const item of itemsOf(skill)) {
      const target = oralTargetOf(item);
      const name = oralName(item);
      expect(isOralName(name)).toBe(true);
      expect(readOralTarget(wordOfOralName(name), writeOralTarget(target))).toEqual(target);
    }
  });

  it("asks for sounds that it has, and for one vowel in its place", () => {
    for (const item of itemsOf(skill)) {
      const { reading, asked } = oralTargetOf(item);
      expect(asked.every((unit) => reading.units[unit] !== undefined)).toBe(true);
      expect(reading.units.filter(({ slot }) => slot === "nucleus")).toHaveLength(1);
      if (item.kind === "which-sound")
        expect(asked.map((unit) => reading.units[unit]?.phonemes)).toEqual([[item.answer]]);
    }
  });
});

describe("readOralTarget", () => {
  it("refuses a skill that does not exist", () => {
    expect(() => readOralTarget("stop", "sing s.t.ɒ.p")).toThrow(/no ears-only skill "sing"/);
  });
});
