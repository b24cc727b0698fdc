/** Where an ending or a prefix meets its base: help·ing, un·tie. */
import { AFFIXES, derivationOf } from "../../src/core/lexicon/affixes.ts";
import { inflectionOf } from "../../src/core/lexicon/inflection.ts";
import type { Lexicon } from "../../src/core/lexicon/lexicon.ts";
import { phonemesOf, type Segmentation } from "../../src/core/spelling/segmentation.ts";

/** Further endings that stand on a base to the ear, though no pattern teaches them. */
const OTHER_ENDINGS = ["ish", "able", "ment", "en", "ened", "ening", "ist", "ism", "or", "ors", "age"];
/** Words that are said to be split where no rule has it. */
const BY_HAND: Readonly<Record<string, readonly number[]>> = { water: [2], waters: [2], every: [2] };

/** Indices of the letters at which something begins that is on a base, or at which the base begins. */
export function jointsOf(word: string, lexicon: Lexicon): readonly number[] {
  if (BY_HAND[word]) return BY_HAND[word];
  const inflection = inflectionOf(word, lexicon);
  if (inflection) {
    const inner = word.startsWith(inflection.base) ? jointsOf(inflection.base, lexicon) : [];
    return [...inner, ...endingAt(word, inflection.base, inflection.ending)];
  }
  const derivation = derivationOf(word, lexicon);
  if (!derivation) return otherEnding(word, lexicon);
  const { letters, at } = AFFIXES[derivation.affix];
  if (at === "start") return [letters.length, ...jointsOf(derivation.base, lexicon).map((k) => k + letters.length)];
  const inner = word.startsWith(derivation.base) ? jointsOf(derivation.base, lexicon) : [];
  return [...inner, ...endingAt(word, derivation.base, letters)];
}

/** The ending's first letter; none where the base's last consonant is doubled, which belongs to both (hop·ping). */
function endingAt(word: string, base: string, letters: string): number[] {
  const bare = word.slice(0, -letters.length);
  return bare === `${base}${base.at(-1)}` ? [] : [bare.length];
}

/** An ending of another kind on a base whose sounds begin the word's. */
function otherEnding(word: string, lexicon: Lexicon): number[] {
  const said = lexicon.get(word);
  const letters = OTHER_ENDINGS.find((ending) => word.endsWith(ending));
  if (!said || !letters) return [];
  const bare = word.slice(0, -letters.length);
  const sounds = phonemesOf(said.readings[0]).join(" ");
  const isBase = (base: string) =>
    base.length > 2 &&
    lexicon.get(base)?.readings.some((reading) => sounds.startsWith(`${phonemesOf(reading).join(" ")} `)) === true;
  return [bare, `${bare}e`].some(isBase) ? [bare.length] : [];
}

/** A reading with the joints that fall between two of its units. */
export function withJoints(reading: Segmentation, joints: readonly number[]): Segmentation {
  const starts = new Set(reading.units.map(({ letters }) => letters[0]));
  const between = joints.filter((letter) => letter !== reading.seam && starts.has(letter));
  return between.length === 0 ? reading : { ...reading, joints: between };
}
