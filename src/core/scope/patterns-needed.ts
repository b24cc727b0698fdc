import { ENDING_UNITS, type Inflection } from "../lexicon/inflection.ts";
import type { Segmentation } from "../spelling/segmentation.ts";
import type { Pattern } from "./sequence.ts";

const PATTERN_OF_ENDING: Readonly<Record<Inflection["ending"], Pattern>> = {
  s: "suffix-s",
  es: "suffix-s",
  ed: "suffix-ed",
  ing: "suffix-ing",
};

/**
 * The patterns a word needs beyond its correspondences. Clusters are counted in graphemes (`x`, `qu`,
 * `ck` are one), on the base word: the s of `cats` is an ending, not half a cluster.
 */
export function patternsNeeded(segmentation: Segmentation, inflection: Inflection | undefined): Pattern[] {
  const needed: Pattern[] = [];
  if (inflection) needed.push(PATTERN_OF_ENDING[inflection.ending]);
  const units = inflection ? segmentation.units.slice(0, -ENDING_UNITS[inflection.ending]) : segmentation.units;
  const nuclei = units.filter((unit) => unit.slot === "nucleus").length;
  let run = 0;
  let onset = 0;
  let coda = 0;
  let seenVowel = false;
  units.forEach((unit, k) => {
    if (unit.slot === "nucleus") {
      seenVowel = true;
      run = 0;
      return;
    }
    run++;
    if (!seenVowel) onset = run;
    else if (k === units.length - 1) coda = Math.max(coda, run);
  });
  if (onset >= 2) needed.push("initial-cluster");
  if (onset >= 3) needed.push("initial-cluster-3");
  if (coda >= 2) needed.push("final-cluster");
  if (coda >= 3) needed.push("final-cluster-3");
  if (nuclei >= 2) needed.push("two-syllables");
  return needed;
}
