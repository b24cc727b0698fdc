import type { Segmentation, Unit } from "./segmentation.ts";

/** How the school touches words: one touch a sound, unless it keeps some together. */
export interface TapSettings {
  /** Consonant clusters (st, spl, nd) are one tap. */
  readonly clustersTogether: boolean;
  /** A vowel with the nasal after it (an, am, ing, ank) and -all are one tap. */
  readonly vowelNasalTogether: boolean;
}

export const ONE_TAP_A_SOUND: TapSettings = { clustersTogether: false, vowelNasalTogether: false };

/** Indices of the units that one touch covers, left to right; every unit is in exactly one tap. */
export type Tap = readonly number[];

/**
 * `stand` is 5 taps; 3 with clusters together (st·a·nd); 4 with an kept together (s·t·an·d).
 *
 * @example tapsOf(segment("stand"), { clustersTogether: true, vowelNasalTogether: false }) // [[0, 1], [2], [3, 4]]
 */
export function tapsOf({ units }: Segmentation, settings: TapSettings = ONE_TAP_A_SOUND): Tap[] {
  const taps: number[][] = [];
  for (let k = 0; k < units.length; ) {
    let end = k + 1;
    const bonded = settings.vowelNasalTogether ? bondedEnd(units, k) : undefined;
    if (bonded !== undefined) end = bonded;
    else if (settings.clustersTogether && units[k]?.slot !== "nucleus")
      while (end < units.length && units[end]?.slot === units[k]?.slot) end++;
    taps.push(Array.from({ length: end - k }, (_, n) => k + n));
    k = end;
  }
  return taps;
}

/** Where a vowel and what is kept with it end; undefined when nothing is kept with it. */
function bondedEnd(units: readonly Unit[], k: number): number | undefined {
  const [vowel, next, after] = [units[k], units[k + 1], units[k + 2]];
  if (vowel?.slot !== "nucleus" || vowel.grapheme.length > 1 || next?.slot !== "coda") return undefined;
  if (vowel.grapheme === "a" && next.grapheme === "ll") return k + 2;
  if (next.grapheme === "n" && next.phonemes[0] === "ŋ" && after?.slot === "coda" && after.grapheme === "k")
    return k + 3;
  return /^(n|m|ng)$/.test(next.grapheme) ? k + 2 : undefined;
}
