import { describe, expect, it } from "vitest";
import { ACCENTS } from "./accents.ts";
import { PHONEMES } from "./phonemes.ts";
import { SOUND_STYLES, soundLabel, writtenSounds } from "./sound-style.ts";
import { keyWordFor } from "./spoken-name.ts";

describe("how sounds are written", () => {
  it.each([
    [["ʃ", "ɪ", "p"], "/sh-i-p/", "/sh-ĭ-p/", "/ʃɪp/"],
    [["m", "uː", "n"], "/m-oo-n/", "/m-o͞o-n/", "/mun/"],
    [["k", "s"], "/ks/", "/ks/", "/ks/"],
    [["j", "uː"], "/yoo/", "/ū/", "/ju/"],
    [["r", "eɪ", "n"], "/r-ai-n/", "/r-ā-n/", "/reɪn/"],
  ])("%j: in plain letters %s, with marks %s, in IPA %s", (phonemes, ...expected) => {
    expect(SOUND_STYLES.map((style) => writtenSounds(phonemes, { style, accent: "general-american" }))).toEqual(
      expected,
    );
  });

  it("a short vowel alone is called short, in plain letters", () => {
    const label = (id: string, style: (typeof SOUND_STYLES)[number]) =>
      soundLabel([id], { style, accent: "southern-british" });
    expect([label("e", "letters"), label("e", "marks"), label("e", "ipa")]).toEqual(["short e", "/ĕ/", "/e/"]);
    expect([label("ʃ", "letters"), label("er", "letters"), label("er", "ipa")]).toEqual(["/sh/", "/air/", "/eə/"]);
  });

  it.each(ACCENTS)("with its key word every sound is told from every other, without a sign of IPA (%s)", (accent) => {
    for (const style of ["letters", "marks"] as const) {
      const names = PHONEMES.map(({ id }) => `${soundLabel([id], { style, accent })} as in ${keyWordFor(id, accent)}`);
      expect(new Set(names).size).toBe(PHONEMES.length);
      for (const name of names) expect(name.replace(/[ăĕĭŏŭāēīō]|o\u035d|o\u035e/g, "")).toMatch(/^[a-z/ ]+$/);
    }
  });
});
