import { type AccentSettings, accentPhonemes, GENERAL_AMERICAN } from "../sounds/accents.ts";
import { heardAs, soundClassOf } from "../sounds/sound-class.ts";
import type { Segmentation, Unit } from "./segmentation.ts";

/** True where wh and w are two sounds, as in some Scottish, Irish and American speech. */
function keepsWh({ accent, mergers }: AccentSettings): boolean {
  return accent === "general-american" && !mergers.includes("wh-w");
}

/** The phonemes of a correspondence as an accent has them: wh is /ʍ/ where it is not said as w. */
export function saidAs(grapheme: string, phonemes: readonly string[], settings: AccentSettings): readonly string[] {
  return grapheme === "wh" && phonemes[0] === "w" && keepsWh(settings) ? ["ʍ"] : phonemes;
}

/** The sounds of one unit as one string, on its own: mergers that hang on a neighbour are left aside. */
export function unitSounds(unit: Unit, settings: AccentSettings = GENERAL_AMERICAN): string {
  return soundClassOf(saidAs(unit.grapheme, unit.phonemes, settings), settings);
}

/** The phonemes of a whole reading, as the accent says them. */
export function saidPhonemes({ units }: Segmentation, settings: AccentSettings = GENERAL_AMERICAN): string[] {
  return units.flatMap((unit) => saidAs(unit.grapheme, unit.phonemes, settings));
}

/** The same without the sounds that this school does not hear (the h of hat, where it is dropped). */
export function heardPhonemes(reading: Segmentation, settings: AccentSettings = GENERAL_AMERICAN): string[] {
  const said = saidPhonemes(reading, settings);
  return said.filter((id, k) => heardAs(id, settings, said[k + 1]) !== "");
}

/** The sounds of a whole reading as one string: two readings with the same one sound alike to this school. */
export function soundsOf(reading: Segmentation, settings: AccentSettings = GENERAL_AMERICAN): string {
  return soundClassOf(saidPhonemes(reading, settings), settings);
}

/** A reading as an accent says it: the bath words get their long a in Southern British. */
export function readingIn(reading: Segmentation, settings: AccentSettings): Segmentation {
  const phonemes = reading.units.flatMap((unit) => unit.phonemes);
  const said = accentPhonemes(reading.word, phonemes, settings);
  if (said.every((id, k) => id === phonemes[k])) return reading;
  let at = 0;
  const units = reading.units.map((unit): Unit => {
    const own = said.slice(at, at + unit.phonemes.length);
    at += unit.phonemes.length;
    return { ...unit, phonemes: own };
  });
  return { ...reading, units };
}
