import { isWeakVowel } from "../sounds/phonemes.ts";
import { soundClassOf } from "../sounds/sound-class.ts";
import { phonemesOf, type Segmentation } from "../spelling/segmentation.ts";
import type { LexiconWord } from "./lexicon.ts";

/** True for the unstressed form of a little word (`can` said "kn"): nobody teaches it as a reading. */
function isWeakForm(reading: Segmentation): boolean {
  const vowels = reading.units.filter((unit) => unit.slot === "nucleus");
  return vowels.length === 1 && vowels.every((unit) => unit.phonemes.some(isWeakVowel));
}

/** Sounds with the glide of new, due, tube dropped: with or without it is accent, not another reading. */
const soundsOf = (reading: Segmentation) => soundClassOf(phonemesOf(reading).filter((p) => p !== "j"));

/**
 * The readings a child could really be asked for: `wind` and `read` have two, `can` and `new` one. The
 * leading reading comes first.
 */
export function distinctReadings(entry: LexiconWord): Segmentation[] {
  if (entry.readings.length === 1) return [...entry.readings];
  const kept: Segmentation[] = [];
  for (const reading of entry.readings) {
    if (kept.length > 0 && isWeakForm(reading)) continue;
    if (!kept.some((other) => soundsOf(other) === soundsOf(reading))) kept.push(reading);
  }
  return kept;
}

/** Readings that sound like the leading one but are split another way (h·o·p·ed, h·o-e·p·d). */
export function sameSoundReadings(entry: LexiconWord): readonly Segmentation[] {
  if (entry.readings.length === 1) return entry.readings;
  const lead = soundClassOf(phonemesOf(entry.readings[0]));
  return entry.readings.filter((r) => soundClassOf(phonemesOf(r)) === lead);
}
