import { type AccentSettings, GENERAL_AMERICAN, type Merger } from "./accents.ts";
import { isWeakVowel } from "./phonemes.ts";

/**
 * What an accent takes for the same sound, one pair a line: the first is said as the second. Only the mergers
 * that hold for a sound wherever it stands; wh as w goes by spelling (spelling/said.ts), the bath words are a
 * list (accents.ts). Descriptions of the accents: common practice, no source.
 */
const MERGED: Readonly<Partial<Record<Merger, Readonly<Record<string, string>>>>> = {
  "pin-pen": { e: "ɪ" },
  "cot-caught": { ɔː: "ɒ" },
  "th-as-f-and-v": { θ: "f", ð: "v" },
  "h-dropped": { h: "" },
  "northern-u": { ʌ: "ʊ" },
};

/**
 * Sounds of one class, by accent: two phonemes with the same class are one sound to this school.
 *
 * In General American /ɒ/ and /ɑː/ (not before r) are one sound, and with the merger of cot and caught, which is on
 * unless a school switches it off, /ɔː/ too: dictionaries scatter between them and teachers do not. Southern British
 * keeps the three apart and says no r after a vowel, so that saw and sore sound alike. Weak /ə/ and /ɪ/ are one in
 * both, and /ər/ is the weak /ɜːr/.
 */
const CLASS: Readonly<Record<AccentSettings["accent"], Readonly<Record<string, string>>>> = {
  "general-american": { ɑː: "ɒ", ə: "ɪ", ər: "ɜːr" },
  "southern-british": { ɔːr: "ɔː", ɑːr: "ɑː", ə: "ɪ", ər: "ɜːr" },
};

/**
 * The class a phoneme belongs to; most phonemes are alone in theirs.
 *
 * @param next the phoneme that follows: pin and pen are one only before n and m. Without it that merger is
 * left aside, as it must be for a correspondence on its own (the e of pet is still taught as an e).
 * @returns "" for a sound the accent drops
 */
export function soundClass(id: string, settings: AccentSettings = GENERAL_AMERICAN, next?: string): string {
  let current = id;
  for (const merger of settings.mergers) {
    if (merger === "pin-pen" && next !== "n" && next !== "m") continue;
    current = MERGED[merger]?.[current] ?? current;
  }
  return CLASS[settings.accent][current] ?? current;
}

/**
 * The class of a sound for ears-only work: as `soundClass`, but a weak vowel is not the full one it is classed
 * with. Taking the first sound off `able` does not give `bill`.
 */
export function heardAs(id: string, settings: AccentSettings = GENERAL_AMERICAN, next?: string): string {
  return isWeakVowel(id) ? id : soundClass(id, settings, next);
}

/** The class of a run of phonemes, as one comparable string. */
export function soundClassOf(phonemes: readonly string[], settings: AccentSettings = GENERAL_AMERICAN): string {
  if (phonemes.length === 1) return soundClass(phonemes[0] as string, settings);
  // In one go: this is asked of every word of the list.
  let classes = "";
  for (let k = 0; k < phonemes.length; k++) {
    const id = soundClass(phonemes[k] as string, settings, phonemes[k + 1]);
    if (id !== "") classes += classes === "" ? id : ` ${id}`;
  }
  return classes;
}
