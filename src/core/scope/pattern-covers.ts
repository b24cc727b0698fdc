import { phoneme } from "../sounds/phonemes.ts";
import type { Segmentation, Unit } from "../spelling/segmentation.ts";
import { syllablesOf } from "../spelling/syllables.ts";
import type { Pattern } from "./patterns.ts";

/** Rules that read a unit without its correspondence being taught: soft c as a rule reads city. */
type Cover = readonly [Pattern, (unit: Unit, k: number, reading: Segmentation) => boolean];

const isOne = ({ grapheme, phonemes }: Unit, graphemes: RegExp, sound: string) =>
  graphemes.test(grapheme) && phonemes.join("+") === sound;

/** Does the reading end in these units, with or without a plural s? @returns index of the first of them, or -1 */
function endingAt({ units }: Segmentation, graphemes: readonly string[]): number {
  for (const after of [0, 1]) {
    const at = units.length - graphemes.length - after;
    const fits = graphemes.every((grapheme, n) => units[at + n]?.grapheme === grapheme);
    if (at >= 0 && fits && (after === 0 || /^(?:s|ed)$/.test(units.at(-1)?.grapheme ?? ""))) return at;
  }
  return -1;
}

const inEnding = (k: number, reading: Segmentation, graphemes: readonly string[]) => {
  const at = endingAt(reading, graphemes);
  return at !== -1 && k >= at && k < at + graphemes.length;
};

/** A vowel letter with its long sound at the end of its syllable: ro·bot, go. */
function isOpen(unit: Unit, k: number, reading: Segmentation): boolean {
  const sound = phoneme(unit.phonemes.at(-1) ?? "");
  const isLong = sound?.kind === "vowel" && (sound.length === "long" || sound.length === "diphthong");
  if (!isLong || !/^[aeiouy]$/.test(unit.grapheme)) return false;
  return syllablesOf(reading).some(({ units, type }) => type === "open" && units.at(-1) === k);
}

const COVERS: readonly Cover[] = [
  ["soft-c", (unit) => isOne(unit, /^(?:c|ce)$/, "s")],
  ["soft-g", (unit) => isOne(unit, /^(?:g|ge)$/, "dʒ")],
  [
    "weak-vowel",
    (unit) =>
      /^[aeiou]$/.test(unit.grapheme) &&
      (unit.phonemes[0] === "ə" || (unit.grapheme !== "i" && unit.phonemes[0] === "ɪ" && unit.slot === "nucleus")),
  ],
  ["consonant-le", (unit) => isOne(unit, /^le$/, "ə+l")],
  ["open-syllables", isOpen],
  ["ending-tion", (_, k, reading) => inEnding(k, reading, ["ti", "o", "n"])],
  ["ending-ture", (_, k, reading) => inEnding(k, reading, ["t", "ure"])],
];

/**
 * The patterns that read a unit where they are taught, whether or not its correspondence is.
 *
 * @param k index of the unit in the reading
 */
export function coversOf(reading: Segmentation, k: number): Pattern[] {
  const unit = reading.units[k] as Unit;
  return COVERS.flatMap(([pattern, covers]) => (covers(unit, k, reading) ? [pattern] : []));
}
