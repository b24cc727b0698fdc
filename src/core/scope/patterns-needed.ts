import type { Segmentation, Unit } from "../spelling/segmentation.ts";
import { knownSyllables } from "../spelling/syllables.ts";
import type { Pattern } from "./patterns.ts";

/** Patterns of which one has to be taught. */
export type AnyOf = readonly Pattern[];

/**
 * The patterns that the letters of a word need beyond its correspondences, without what it has on. Clusters are
 * counted in graphemes (`x`, `qu`, `ck` are one). Of a compound each part is looked at as the word it is: `handbag`
 * needs the nd of hand.
 *
 * @param units of the base, in order: without a suffix or a prefix
 */
export function patternsOfBase(reading: Segmentation, units: readonly Unit[]): AnyOf[] {
  const parts = splitAtSeam(units, reading.seam);
  const clusters = parts.map(clustersOf);
  const onset = Math.max(...clusters.map((part) => part.onset));
  const coda = Math.max(...clusters.map((part) => part.coda));
  const needed: AnyOf[] = [];
  if (onset >= 2) needed.push(["initial-cluster"]);
  if (onset >= 3) needed.push(["initial-cluster-3"]);
  if (coda >= 2) needed.push(["final-cluster"]);
  if (coda >= 3) needed.push(["final-cluster-3"]);
  const most = Math.max(...parts.map(nucleiOf));
  if (most >= 3) needed.push(["three-syllables"]);
  else if (most === 2)
    needed.push(closedThroughout(reading, units) ? ["two-syllables", "closed-syllables"] : ["two-syllables"]);
  if (most < 3 && parts.length > 1) needed.push(["compounds"]);
  return needed;
}

function splitAtSeam(units: readonly Unit[], seam: number | undefined): (readonly Unit[])[] {
  const at = seam === undefined ? -1 : units.findIndex((unit) => unit.letters[0] === seam);
  return at <= 0 ? [units] : [units.slice(0, at), units.slice(at)];
}

const nucleiOf = (units: readonly Unit[]) => units.filter((unit) => unit.slot === "nucleus").length;

/** Are all its syllables closed (rabbit, kitten)? */
function closedThroughout(reading: Segmentation, units: readonly Unit[]): boolean {
  return knownSyllables(reading).every(
    (syllable) => syllable.type === "closed" || !syllable.units.some((k) => units.includes(reading.units[k] as Unit)),
  );
}

/** Consonant graphemes before the first vowel and after the last. */
function clustersOf(units: readonly Unit[]): { onset: number; coda: number } {
  const first = units.findIndex((unit) => unit.slot === "nucleus");
  const last = units.findLastIndex((unit) => unit.slot === "nucleus");
  return first === -1 ? { onset: units.length, coda: 0 } : { onset: first, coda: units.length - 1 - last };
}
