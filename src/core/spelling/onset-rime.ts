import { type AccentSettings, GENERAL_AMERICAN } from "../sounds/accents.ts";
import { isVowel } from "../sounds/phonemes.ts";
import { soundClassOf } from "../sounds/sound-class.ts";
import { saidAs } from "./said.ts";
import type { Segmentation, Unit } from "./segmentation.ts";

/** A word of one syllable in its three parts. */
export interface OnsetRime {
  /** Consonants before the vowel; may be empty. */
  readonly onset: readonly Unit[];
  readonly nucleus: Unit;
  /** Consonants after it; may be empty. */
  readonly coda: readonly Unit[];
}

/** Onset, vowel and coda of a reading of one syllable; undefined for longer ones and for none. */
export function onsetRimeOf({ units }: Segmentation): OnsetRime | undefined {
  const at = units.findIndex((unit) => unit.slot === "nucleus");
  const nucleus = units[at];
  if (!nucleus || units.some((unit, k) => k > at && unit.slot === "nucleus")) return undefined;
  return { onset: units.slice(0, at), nucleus, coda: units.slice(at + 1) };
}

/**
 * The sounds of a rime as one string, from the vowel itself on: the glide of `cube` (one grapheme, /juː/) is
 * heard with the beginning, so that cube and tube rhyme.
 */
export function rimeSounds({ nucleus, coda }: OnsetRime, accent: AccentSettings = GENERAL_AMERICAN): string {
  const vowel = nucleus.phonemes.findIndex(isVowel);
  return soundClassOf([...nucleus.phonemes.slice(Math.max(0, vowel)), ...coda.flatMap((u) => u.phonemes)], accent);
}

/** The sounds of a body (onset and vowel) as one string. */
export function bodySounds({ onset, nucleus }: OnsetRime, accent: AccentSettings = GENERAL_AMERICAN): string {
  const onsetSounds = onset.flatMap((unit) => saidAs(unit.grapheme, unit.phonemes, accent));
  return soundClassOf([...onsetSounds, ...nucleus.phonemes], accent);
}

/** `"ake"`: the letters from the vowel on. */
export function rimeLetters({ word }: Segmentation, { nucleus }: OnsetRime): string {
  return word.slice(nucleus.letters[0]);
}

/** `"ca"`, and `"ca-e"` where the vowel is a split digraph that the ending goes into. */
export function bodyLetters({ onset, nucleus }: OnsetRime): string {
  return `${onset.map((unit) => unit.grapheme).join("")}${nucleus.grapheme}`;
}
