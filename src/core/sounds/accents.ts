import { bathVowel } from "./bath-words.ts";
import { isVowel } from "./phonemes.ts";

export const ACCENTS = ["general-american", "southern-british"] as const;
export type Accent = (typeof ACCENTS)[number];

/** Local mergers a school may switch on: sounds that count as one in its children's speech. */
export const MERGERS = [
  "pin-pen",
  "cot-caught",
  "wh-w",
  "th-as-f-and-v",
  "h-dropped",
  "northern-u",
  "bath-short",
] as const;
export type Merger = (typeof MERGERS)[number];

/** A word of the school's own, or one that is said otherwise there than the word list says. */
export interface OwnWord {
  /** Lower case. */
  readonly word: string;
  /** Its graphemes with their sounds, as the word list's file writes them: `"z.o.g"`, `"w.i.ck"`. */
  readonly reading: string;
  /** Written with a capital: a name. */
  readonly isCapital: boolean;
}

/** How a school says words. */
export interface AccentSettings {
  readonly accent: Accent;
  readonly mergers: readonly Merger[];
  readonly ownWords?: readonly OwnWord[] | undefined;
}

/**
 * What most American and English schools hear: wh is said as w, and in General American cot as caught. A school that
 * keeps the two apart switches it off.
 */
export const GENERAL_AMERICAN: AccentSettings = { accent: "general-american", mergers: ["wh-w", "cot-caught"] };
export const SOUTHERN_BRITISH: AccentSettings = { accent: "southern-british", mergers: ["wh-w"] };

/** The same for the same settings, whatever their order: what word lists and graphs are kept by. */
export function accentKey({ accent, mergers, ownWords = [] }: AccentSettings): string {
  const own = ownWords.map(({ word, reading, isCapital }) => `${word}:${reading}${isCapital ? ":name" : ""}`);
  return [accent, ...[...new Set(mergers)].sort(), ...own.sort()].join(" ");
}

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

/** The phonemes of a word as an accent says them: the bath words have a long a in Southern British. */
export function accentPhonemes(word: string, phonemes: readonly string[], settings: AccentSettings): string[] {
  const long = settings.accent === "southern-british" && !settings.mergers.includes("bath-short");
  const which = long ? bathVowel(word) : undefined;
  if (!which) return [...phonemes];
  const vowel = which === "first" ? phonemes.findIndex(isVowel) : phonemes.findLastIndex(isVowel);
  return phonemes.map((id, k) => (k === vowel && id === "æ" ? "ɑː" : id));
}

/** Long vowels that an r after them colours where it is not said otherwise (hero, jury). */
const BEFORE_R: Readonly<Record<string, string>> = { iː: "ɪə", uː: "ʊə", ʊ: "ʊə" };

/**
 * `"/kɑː/"`: phonemes in the accent's IPA between slashes. Where no r is said after a vowel, the r of a vowel + r comes
 * back before another vowel (fairy /feəri/).
 */
export function ipa(phonemes: readonly string[], accent: Accent = "general-american"): string {
  const symbols = phonemes.map((id, k) => {
    const next = phonemes[k + 1];
    if (accent === "general-american") return IPA[accent][id] ?? id;
    const coloured = next === "r" && isVowelAt(phonemes, k + 2) ? BEFORE_R[id] : undefined;
    const linking = id.endsWith("r") && id !== "r" && isVowelAt(phonemes, k + 1) ? "r" : "";
    return (coloured ?? IPA[accent][id] ?? id) + linking;
  });
  return `/${symbols.join("")}/`;
}

const isVowelAt = (phonemes: readonly string[], k: number): boolean => {
  const id = phonemes[k];
  return id !== undefined && isVowel(id);
};
