import { phoneme } from "../sounds/phonemes.ts";
import type { Segmentation, Unit } from "../spelling/segmentation.ts";
import { knownSyllables } from "../spelling/syllables.ts";
import type { Pattern } from "./patterns.ts";

const TION = ["ti", "o", "n"] as const;
const TURE = ["t", "ure"] as const;

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
  return isLong && knownSyllables(reading).some(({ units, type }) => type === "open" && units.at(-1) === k);
}

/** A vowel letter that is not said in full: the e of open, the a of about. */
const isWeak = ({ grapheme, phonemes }: Unit) =>
  phonemes[0] === "ə" || (grapheme !== "i" && grapheme !== "y" && phonemes[0] === "ɪ");

const NO_PATTERNS: readonly Pattern[] = [];
/** The graphemes that some pattern reads: most have none, and are not looked at. */
const MAY_BE_COVERED = new Set(["c", "ce", "g", "ge", "le", "a", "e", "i", "o", "u", "y", ...TION, ...TURE]);

/**
 * The patterns that read a unit where they are taught, whether or not its correspondence is: soft c as a rule reads city.
 *
 * @param k index of the unit in the reading
 */
export function coversOf(reading: Segmentation, k: number): readonly Pattern[] {
  const unit = reading.units[k] as Unit;
  const { grapheme, phonemes } = unit;
  if (!MAY_BE_COVERED.has(grapheme)) return NO_PATTERNS;
  const sounds = phonemes.join("+");
  const covers: Pattern[] = [];
  if ((grapheme === "c" || grapheme === "ce") && sounds === "s") covers.push("soft-c");
  if ((grapheme === "g" || grapheme === "ge") && sounds === "dʒ") covers.push("soft-g");
  if (grapheme === "le" && sounds === "ə+l") covers.push("consonant-le");
  if (unit.slot === "nucleus" && /^[aeiouy]$/.test(grapheme)) {
    if (isWeak(unit)) covers.push("weak-vowel");
    else if (isOpen(unit, k, reading)) covers.push("open-syllables");
  }
  if (/^(?:ti|o|n)$/.test(grapheme) && inEnding(k, reading, TION)) covers.push("ending-tion");
  if (/^(?:t|ure)$/.test(grapheme) && inEnding(k, reading, TURE)) covers.push("ending-ture");
  return covers.length > 0 ? covers : NO_PATTERNS;
}
