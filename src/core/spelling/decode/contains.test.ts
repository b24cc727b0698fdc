import { describe, expect, it } from "vitest";
import { inFull, some } from "../../../../tests/in-full.ts";
import { shippedLexicon } from "../../lexicon/shipped.ts";
import { soundClassOf } from "../../sounds/sound-class.ts";
import { phonemesOf, type Segmentation } from "../segmentation.ts";
import { decodings } from "./decode.ts";

/** The glide of new and due, and voice in th, are a matter of accent and ear, not of reading. */
const heard = (reading: Segmentation) =>
  soundClassOf(phonemesOf(reading).filter((id) => id !== "j")).replace(/ð/g, "θ");

describe("the readings by rule of a known word hold what the dictionary says", () => {
  it.each([
    [1, 0.98],
    [2, 0.92],
  ])("words of %i syllables: at least %f", (syllables, least) => {
    const words = some(shippedLexicon().words, 12).filter(
      (entry) => entry.syllables === syllables && !entry.word.includes("'"),
    );
    expect(words.length).toBeGreaterThan(inFull(330, 4000));
    const held = words.filter(({ word, readings }) => {
      const listed = new Set(readings.map(heard));
      return decodings(word, { most: 60 }).some((reading) => listed.has(heard(reading)));
    });
    expect(held.length / words.length).toBeGreaterThan(least);
  });
});
