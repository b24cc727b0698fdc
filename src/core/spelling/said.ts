import { type AccentSettings, accentPhonemes, GENERAL_AMERICAN } from "../sounds/accents.ts";
import { heardAs, soundClassOf } from "../sounds/sound-class.ts";
import type { Segmentation, Unit } from "./segmentation.ts";
import { southernBritishSounds } from "./southern-british.ts";

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
  const said: string[] = [];
  for (const { grapheme, phonemes } of units) said.push(...saidAs(grapheme, phonemes, settings));
  return said;
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

/** A reading as an accent says it. The dictionary is General American; Southern British has rules and words of its own. */
export function readingIn(reading: Segmentation, settings: AccentSettings): Segmentation {
  if (settings.accent !== "southern-british") return reading;
  const phonemes = reading.units.flatMap((unit) => unit.phonemes);
  // The bath words get their long a.
  const said = accentPhonemes(reading.word, phonemes, settings);
  let at = 0;
  let isOther = false;
  const units = reading.units.map((unit, k): Unit => {
    const long = said.slice(at, at + unit.phonemes.length);
    at += unit.phonemes.length;
    const own = southernBritishSounds(reading.word, reading.units, k) ?? long;
    if (own.join() === unit.phonemes.join()) return unit;
    isOther = true;
    return { ...unit, phonemes: own };
  });
  return isOther ? { ...reading, units } : reading;
}
