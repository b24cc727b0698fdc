import { ENDINGS } from "../lexicon/endings.ts";
import { type Inflection, inflectionOf } from "../lexicon/inflection.ts";
import type { Lexicon, LexiconWord } from "../lexicon/lexicon.ts";
import { sameSoundReadings } from "../lexicon/readings.ts";
import { type AccentSettings, GENERAL_AMERICAN } from "../sounds/accents.ts";
import type { Segmentation } from "../spelling/segmentation.ts";
import type { UnitPlace } from "../spelling/taught-gpcs.ts";
import { unitKey } from "../spelling/unit-key.ts";
import type { Pattern } from "./patterns.ts";
import { patternsNeeded } from "./patterns-needed.ts";
import type { TaughtSet } from "./taught-set.ts";

/** What a reading needs of a taught set: looked up thousands of times, worked out once. */
export interface Needs {
  readonly reading: Segmentation;
  readonly units: readonly { readonly unit: number; readonly key: string; readonly place: UnitPlace }[];
  readonly patterns: readonly Pattern[];
}

/**
 * The needs of one segmentation. The units of an ending whose pattern teaches its sounds (-s, -es)
 * are not among them. Either side of a compound's seam a unit ends or starts a word.
 */
export function needsOf(
  reading: Segmentation,
  inflection: Inflection | undefined,
  accent: AccentSettings = GENERAL_AMERICAN,
): Needs {
  const { seam } = reading;
  const last = reading.units.length - 1;
  const ending = inflection && ENDINGS[inflection.ending];
  const lastOfBase = last - (ending?.units ?? 0);
  const units = reading.units.flatMap((unit, k) => {
    if (k > lastOfBase && ending?.patternTeachesSounds) return [];
    const endsWord =
      k === last || k === lastOfBase || (seam !== undefined && reading.units[k + 1]?.letters[0] === seam);
    const place: UnitPlace = endsWord ? "end" : k === 0 || unit.letters[0] === seam ? "start" : "inside";
    return [{ unit: k, key: unitKey(unit, accent), place }];
  });
  return { reading, units, patterns: patternsNeeded(reading, inflection) };
}

const PREPARED = new WeakMap<LexiconWord, readonly Needs[]>();

/** The needs of each good segmentation of a word's leading sound. */
export function preparedNeeds(entry: LexiconWord, lexicon: Lexicon): readonly Needs[] {
  let needs = PREPARED.get(entry);
  if (!needs) {
    const inflection = inflectionOf(entry.word, lexicon);
    needs = sameSoundReadings(entry).map((reading) => needsOf(reading, inflection, lexicon.accent));
    PREPARED.set(entry, needs);
  }
  return needs;
}

/** Is everything a reading needs taught? */
export function isMet({ units, patterns }: Needs, taught: TaughtSet): boolean {
  for (const { key, place } of units) {
    const places = taught.gpcs.get(key);
    if (places !== "any" && !places?.has(place)) return false;
  }
  return patterns.every((pattern) => taught.patterns.has(pattern));
}
