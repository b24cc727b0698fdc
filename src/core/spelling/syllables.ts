import { phoneme } from "../sounds/phonemes.ts";
import type { Segmentation, Unit } from "./segmentation.ts";

/** The six types of common practice (no source). A form, not a sound: `find` is closed, though i is long. */
export type SyllableType = "closed" | "open" | "vowel-consonant-e" | "vowel-team" | "r-controlled" | "consonant-le";

export interface Syllable {
  /** Its letters; a doubled consonant is parted between two syllables (rab·bit). */
  readonly text: string;
  /** Indices of its units; a doubled consonant belongs to the syllable it closes. */
  readonly units: readonly number[];
  readonly type: SyllableType;
}

/** Pairs of consonant graphemes that can begin an English syllable, as letters. */
const ONSET_PAIRS = new Set(
  "bl br cl cr dr dw fl fr gl gr pl pr sc sk sl sm sn sp st sw tr tw thr shr squ phr".split(" "),
);
const SHORT_VOWELS = new Set(["æ", "e", "ɪ", "ɒ", "ʌ", "ʊ"]);
const DOUBLED = /^([a-z])\1$/;

/**
 * Splits a word into syllables: one a vowel unit. Between two vowels a single consonant closes a short
 * vowel (cab·in) and otherwise opens the next syllable (ro·bot); of two, each goes to its side, unless
 * they can begin a syllable and the vowel before is not short (se·cret); a final `le` takes the consonant
 * before it (ta·ble); a compound is split at its seam whatever the letters (hide·out).
 *
 * @returns at least one syllable; a word without a vowel unit is one closed syllable
 */
export function syllablesOf(segmentation: Segmentation): Syllable[] {
  const { units } = segmentation;
  const nuclei = units.flatMap((unit, k) => (unit.slot === "nucleus" ? [k] : []));
  const starts = [0];
  for (let n = 1; n < nuclei.length; n++)
    starts.push(boundary(segmentation, nuclei[n - 1] as number, nuclei[n] as number));
  const letterStarts = starts.map((k, n) => (n === 0 ? 0 : firstLetter(segmentation, k)));
  return starts.map((start, n) => {
    const end = starts[n + 1] ?? units.length;
    const indices = Array.from({ length: end - start }, (_, k) => start + k);
    return {
      text: segmentation.word.slice(letterStarts[n], letterStarts[n + 1]),
      units: indices,
      type: typeOf(indices.map((k) => units[k] as Unit)),
    };
  });
}

/** Index of the unit at which the syllable of the later vowel begins. */
function boundary({ units, seam }: Segmentation, before: number, after: number): number {
  const atSeam = units.findIndex((unit) => unit.letters[0] === seam);
  if (seam !== undefined && atSeam > before && atSeam <= after) return atSeam;
  const between = after - before - 1;
  // The endings -ed and -es stand by themselves: want·ed, box·es.
  if (between === 0 || /^e[ds]$/.test(units[after]?.grapheme ?? "")) return after;
  const last = units[after - 1] as Unit;
  if (units[after]?.grapheme === "le" && !DOUBLED.test(last.grapheme)) return after - 1;
  const closes = (unit: Unit) => DOUBLED.test(unit.grapheme) || /^(ck|tch|dge|ng|x)$/.test(unit.grapheme);
  const vowel = units[before] as Unit;
  const isShort = SHORT_VOWELS.has(vowel.phonemes[0] ?? "") && vowel.grapheme.length === 1;
  if (between === 1) return closes(last) || isShort ? after : after - 1;
  if (closes(last)) return after;
  const pair = `${units[after - 2]?.grapheme ?? ""}${last.grapheme}`;
  if (!ONSET_PAIRS.has(pair)) return after - 1;
  return between >= 3 || !isShort ? after - 2 : after - 1;
}

/** The letter at which a syllable begins; a doubled consonant that closes the one before is parted. */
function firstLetter({ units }: Segmentation, k: number): number {
  const previous = units[k - 1];
  if (previous && DOUBLED.test(previous.grapheme) && units[k]?.slot === "nucleus")
    return (previous.letters[0] as number) + 1;
  return units[k]?.letters[0] ?? 0;
}

function typeOf(units: readonly Unit[]): SyllableType {
  const k = units.findIndex((unit) => unit.slot === "nucleus");
  const vowel = units[k];
  if (!vowel) return "closed";
  if (vowel.grapheme === "le") return "consonant-le";
  const sound = phoneme(vowel.phonemes.at(-1) ?? "");
  if (vowel.phonemes.at(-1) === "ər" || (sound?.kind === "vowel" && sound.length === "r-coloured"))
    return "r-controlled";
  if (vowel.grapheme.includes("-")) return "vowel-consonant-e";
  if (vowel.grapheme === "ed" || vowel.grapheme === "es") return "closed";
  if (vowel.grapheme.length > 1) return "vowel-team";
  return k < units.length - 1 ? "closed" : "open";
}
