import { ENDINGS } from "../lexicon/endings.ts";
import type { Inflection } from "../lexicon/inflection.ts";
import type { Segmentation, Unit } from "../spelling/segmentation.ts";
import type { Pattern } from "./patterns.ts";

/**
 * The patterns a word needs beyond its correspondences. Clusters are counted in graphemes (`x`, `qu`,
 * `ck` are one), on the base word: the s of `cats` is an ending, not half a cluster. Of a compound each
 * part is looked at as the word it is: `handbag` needs the nd of hand.
 */
export function patternsNeeded(segmentation: Segmentation, inflection: Inflection | undefined): Pattern[] {
  const units = inflection ? segmentation.units.slice(0, -ENDINGS[inflection.ending].units) : segmentation.units;
  const parts = splitAtSeam(units, segmentation.seam);
  const clusters = parts.map(clustersOf);
  const onset = Math.max(...clusters.map((part) => part.onset));
  const coda = Math.max(...clusters.map((part) => part.coda));
  const needed: Pattern[] = inflection ? [ENDINGS[inflection.ending].pattern] : [];
  if (onset >= 2) needed.push("initial-cluster");
  if (onset >= 3) needed.push("initial-cluster-3");
  if (coda >= 2) needed.push("final-cluster");
  if (coda >= 3) needed.push("final-cluster-3");
  if (parts.some((part) => nucleiOf(part) >= 2)) needed.push("two-syllables");
  else if (parts.length > 1) needed.push("compounds");
  return needed;
}

function splitAtSeam(units: readonly Unit[], seam: number | undefined): (readonly Unit[])[] {
  const at = seam === undefined ? -1 : units.findIndex((unit) => unit.letters[0] === seam);
  return at <= 0 ? [units] : [units.slice(0, at), units.slice(at)];
}

const nucleiOf = (units: readonly Unit[]) => units.filter((unit) => unit.slot === "nucleus").length;

/** Consonant graphemes before the first vowel and after the last. */
function clustersOf(units: readonly Unit[]): { onset: number; coda: number } {
  const first = units.findIndex((unit) => unit.slot === "nucleus");
  const last = units.findLastIndex((unit) => unit.slot === "nucleus");
  return first === -1 ? { onset: units.length, coda: 0 } : { onset: first, coda: units.length - 1 - last };
}
