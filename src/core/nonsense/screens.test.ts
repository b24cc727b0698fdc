import { describe, expect, it } from "vitest";
import { lexiconIn } from "../lexicon/in-accent.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { GENERAL_AMERICAN } from "../sounds/accents.ts";
import { decode } from "../spelling/decode/decode.ts";
import { screensInSteps, screensOf } from "./screens.ts";

describe("the screens of a word list", () => {
  // A list of our own: nobody else has had its screens built.
  const lexicon = { ...lexiconIn(shippedLexicon(), GENERAL_AMERICAN) };

  it("are built a little at a time, once, and are whole at the end", () => {
    const rests = [...screensInSteps(lexicon)].length;
    expect(rests).toBeGreaterThan(10);
    const screens = screensOf(lexicon);
    expect([...screensInSteps(lexicon)]).toEqual([]);
    expect(screensOf(lexicon)).toBe(screens);
    expect(screens.refuses("ship")).toBe(true);
    expect(screens.refuses("vib")).toBe(false);
    const sounds = (word: string) => {
      const reading = decode(word);
      if (!reading) throw new Error(`${word} is not read by rule`);
      return screens.soundsReal(reading);
    };
    expect(sounds("fone")).toBe(true);
    // With its s taken off it is a word: picks.
    expect(sounds("piks")).toBe(true);
    expect(sounds("vib")).toBe(false);
  });

  it("begun and left, they are built whole by who needs them", () => {
    const british = lexiconIn(shippedLexicon(), { accent: "southern-british", mergers: [] });
    const steps = screensInSteps(british);
    steps.next();
    expect(screensOf(british).refuses("ship")).toBe(true);
    // Going on afterwards changes no answer.
    for (const _ of steps);
    expect(screensOf(british).refuses("vib")).toBe(false);
  });
});
