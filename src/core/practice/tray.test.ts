import { describe, expect, it } from "vitest";
import { taughtAtStep } from "../../../tests/taught-at-step.ts";
import { decodableIn } from "../chains/planner/candidates.ts";
import { shippedLexicon } from "../lexicon/shipped.ts";
import { isBuiltRight } from "../responses/built-right.ts";
import { taughtGpcs } from "../school/school.ts";
import type { Sequence } from "../scope/sequence.ts";
import { sequenceById } from "../scope/sequences.ts";
import { NO_TICKS } from "../scope/taught-set.ts";
import { GENERAL_AMERICAN } from "../sounds/accents.ts";
import { soundClassOf } from "../sounds/sound-class.ts";
import { gpcById } from "../spelling/gpc.ts";
import type { Segmentation } from "../spelling/segmentation.ts";
import { buildTray, type TrayRequest, tilesOf } from "./tray.ts";

const lexicon = shippedLexicon();
const SHORT = sequenceById("short-vowels-first") as Sequence;
const read = (word: string) => lexicon.get(word)?.readings[0] as Segmentation;
const gpcsAt = (step: number) => taughtGpcs({ sequence: SHORT, step, ticks: NO_TICKS });
const tray = (word: string, more: Partial<TrayRequest> = {}) =>
  buildTray({ target: read(word), taughtGpcs: gpcsAt(13), foils: 3, accent: GENERAL_AMERICAN, ...more });
const labels = (word: string, more: Partial<TrayRequest> = {}) => tray(word, more).map(({ label }) => label);

describe("the tray for a word", () => {
  it("has its tiles, those of the word before, and foils, in the order of the alphabet", () => {
    const before = read("lap");
    const found = labels("clap", { before });
    expect(found).toEqual([...found].sort());
    for (const tile of ["c", "l", "a", "p"]) expect(found).toContain(tile);
    expect(found).toHaveLength(7);
  });

  it("has a tile twice where the word has it twice, and a split digraph as one", () => {
    expect(labels("mum", { foils: 0 })).toEqual(["m", "m", "u"]);
    expect(labels("cake", { foils: 0, taughtGpcs: gpcsAt(40) })).toEqual(["a-e", "c", "k"]);
    expect(labels("stand", { foils: 0, taps: { clustersTogether: true, vowelNasalTogether: false } })).toEqual([
      "a",
      "nd",
      "st",
    ]);
  });

  it("takes what the records show first, then the nearest sounds; the changed unit leads", () => {
    expect(labels("pen", { foils: 1, before: read("pan"), likelySubstitutions: [[], ["ɪ"], []] })).toEqual([
      "a",
      "e",
      "i",
      "n",
      "p",
    ]);
    expect(labels("bid", { foils: 1, before: read("big") })).toEqual(["b", "d", "g", "i", "t"]);
  });

  it("for every readable word: it can be built, every foil is taught, and none could spell a sound of the word", () => {
    const taught = gpcsAt(13);
    const words = [...decodableIn(taughtAtStep(SHORT, 13), lexicon)].slice(0, 400);
    expect(words).toHaveLength(400);
    for (const { word, readings } of words) {
      const target = readings[0];
      const tiles = buildTray({ target, taughtGpcs: taught, foils: 4, accent: GENERAL_AMERICAN });
      const left = [...tiles];
      const built = tilesOf(target).map(
        ({ label }) =>
          left.splice(
            left.findIndex((tile) => tile.label === label),
            1,
          )[0],
      );
      expect(
        isBuiltRight(
          target,
          built.flatMap((tile) => tile?.graphemes ?? []),
        ),
        word,
      ).toBe(true);
      const sounds = new Set(target.units.map(({ phonemes }) => soundClassOf(phonemes, GENERAL_AMERICAN)));
      for (const { label } of left) {
        const says = taught.filter((id) => gpcById(id)?.grapheme === label);
        expect(says.length, `${word}: ${label}`).toBeGreaterThan(0);
        for (const id of says)
          expect(sounds.has(soundClassOf(gpcById(id)?.phonemes ?? [], GENERAL_AMERICAN)), `${word}: ${label}`).toBe(
            false,
          );
      }
    }
  });
});
