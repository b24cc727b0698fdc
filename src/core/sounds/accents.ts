import { isVowel } from "./phonemes.ts";

export type Accent = "general-american" | "southern-british";

/** Local mergers a school may switch on: sounds that count as one in its children's speech. */
export type Merger = "pin-pen" | "cot-caught" | "wh-w" | "th-as-f-and-v" | "h-dropped" | "northern-u" | "bath-short";

export interface AccentSettings {
  readonly accent: Accent;
  readonly mergers: readonly Merger[];
}

export const GENERAL_AMERICAN: AccentSettings = { accent: "general-american", mergers: [] };

/**
 * How each phoneme is written in IPA, where its id is not already the rendering. Southern British has no r
 * after a vowel: the r-coloured vowels are long vowels or glides there.
 */
const IPA: Readonly<Record<Accent, Readonly<Record<string, string>>>> = {
  "general-american": {
    ɒ: "ɑ",
    ɔː: "ɔ",
    ɑː: "ɑ",
    iː: "i",
    uː: "u",
    e: "ɛ",
    ɜːr: "ɝ",
    ər: "ɚ",
    ɑːr: "ɑr",
    ɔːr: "ɔr",
    er: "ɛr",
  },
  "southern-british": {
    oʊ: "əʊ",
    ɜːr: "ɜː",
    ər: "ə",
    ɑːr: "ɑː",
    ɔːr: "ɔː",
    er: "eə",
    ɪr: "ɪə",
    ʊr: "ʊə",
  },
};

/**
 * The bath words: short a in the north of England and in America, long in the south. Common words of one
 * and two syllables; common practice, no source.
 */
const BATH_WORDS = new Set(
  `bath path ask asks asked task mask cask flask basket casket fast last past cast mast vast blast master
  castle class classes glass glasses grass grassy pass passes passed brass after raft craft shaft draft
  draught laugh laughs laughed laughter staff calf half halves calves chance dance dances danced glance
  france lance prance trance branch plant plants planted grant slant chant can't aunt aunts advance
  answer answers sample command demand grasp gasp clasp rasp basks`.split(/\s+/),
);

/** The phonemes of a word as an accent says them: the bath words have a long a in Southern British. */
export function accentPhonemes(word: string, phonemes: readonly string[], settings: AccentSettings): string[] {
  const long = settings.accent === "southern-british" && !settings.mergers.includes("bath-short");
  if (!long || !BATH_WORDS.has(word)) return [...phonemes];
  const vowel = phonemes.findIndex(isVowel);
  return phonemes.map((id, k) => (k === vowel && id === "æ" ? "ɑː" : id));
}

/** `"/kɑː/"`: phonemes in the accent's IPA between slashes. */
export function ipa(phonemes: readonly string[], accent: Accent = "general-american"): string {
  return `/${phonemes.map((id) => IPA[accent][id] ?? id).join("")}/`;
}

/** What an accent takes for the same sound, one pair a line: a difference of accent is never an error. */
const MERGED: Readonly<Record<Merger, readonly (readonly [string, string])[]>> = {
  "pin-pen": [["e", "ɪ"]],
  "cot-caught": [["ɔː", "ɒ"]],
  "wh-w": [],
  "th-as-f-and-v": [
    ["θ", "f"],
    ["ð", "v"],
  ],
  "h-dropped": [["h", ""]],
  "northern-u": [["ʌ", "ʊ"]],
  "bath-short": [["ɑː", "æ"]],
};

/**
 * The classes of sounds under an accent: two phonemes with the same class are one sound to this school.
 *
 * In General American /ɒ/, /ɔː/ and /ɑː/ not before r are one class (design: dictionaries scatter between
 * them); Southern British keeps the three apart. Weak /ə/ and /ɪ/ are one in both. The pin/pen merger holds
 * before n and m only: pass the phoneme that follows.
 *
 * @returns the class, "" for a sound the accent drops
 */
export function soundClassIn(settings: AccentSettings, id: string, next?: string): string {
  let current = id;
  for (const merger of settings.mergers) {
    if (merger === "pin-pen" && next !== "n" && next !== "m") continue;
    const pair = MERGED[merger].find(([from]) => from === current);
    if (pair) current = pair[1];
  }
  if (settings.accent === "general-american" && (current === "ɔː" || current === "ɑː")) return "ɒ";
  if (current === "ə") return "ɪ";
  return current === "ər" ? "ɜːr" : current;
}

/** A run of phonemes as one comparable string under an accent. */
export function soundsIn(settings: AccentSettings, phonemes: readonly string[]): string {
  return phonemes
    .map((id, k) => soundClassIn(settings, id, phonemes[k + 1]))
    .filter((id) => id !== "")
    .join(" ");
}
