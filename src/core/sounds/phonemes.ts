/**
 * The phoneme inventory: accent-neutral, one entry per phoneme, keyed by an IPA string.
 *
 * Source of the CMU column: the CMU Pronouncing Dictionary's phone set (ARPABET), public domain.
 * Source of the feature columns: standard articulatory description (place, manner, voicing; height,
 * backness, rounding), common practice, no source; checked for rank against Miller & Nicely (1955).
 *
 * A vowel + r that one grapheme spells (`ar` in car) is one phoneme here, so that a correspondence, a
 * taught set or a record means the same with and without the r being heard.
 */
export type ConsonantPlace =
  | "bilabial"
  | "labiodental"
  | "dental"
  | "alveolar"
  | "postalveolar"
  | "palatal"
  | "velar"
  | "labiovelar"
  | "glottal";
export type ConsonantManner = "stop" | "fricative" | "affricate" | "nasal" | "liquid" | "glide";

export interface Consonant {
  readonly kind: "consonant";
  readonly id: string;
  /** CMU phones, in order. */
  readonly cmu: readonly string[];
  readonly place: ConsonantPlace;
  readonly manner: ConsonantManner;
  readonly voiced: boolean;
  /** A plain word holding the sound, for teachers who do not read IPA. */
  readonly keyWord: string;
}

export interface Vowel {
  readonly kind: "vowel";
  readonly id: string;
  readonly cmu: readonly string[];
  readonly length: "short" | "long" | "diphthong" | "r-coloured" | "weak";
  /** 0 = close (as in see) … 3 = open (as in cat). */
  readonly height: number;
  /** 0 = front … 2 = back. */
  readonly backness: number;
  readonly rounded: boolean;
  readonly keyWord: string;
}

export type Phoneme = Consonant | Vowel;

const c = (
  id: string,
  cmu: string,
  place: ConsonantPlace,
  manner: ConsonantManner,
  voiced: boolean,
  keyWord: string,
): Consonant => ({ kind: "consonant", id, cmu: cmu.split(" "), place, manner, voiced, keyWord });

const v = (
  id: string,
  cmu: string,
  length: Vowel["length"],
  height: number,
  backness: number,
  rounded: boolean,
  keyWord: string,
): Vowel => ({ kind: "vowel", id, cmu: cmu.split(" "), length, height, backness, rounded, keyWord });

export const PHONEMES: readonly Phoneme[] = [
  c("p", "P", "bilabial", "stop", false, "pen"),
  c("b", "B", "bilabial", "stop", true, "bus"),
  c("t", "T", "alveolar", "stop", false, "tap"),
  c("d", "D", "alveolar", "stop", true, "dog"),
  c("k", "K", "velar", "stop", false, "kit"),
  c("g", "G", "velar", "stop", true, "gate"),
  c("f", "F", "labiodental", "fricative", false, "fish"),
  c("v", "V", "labiodental", "fricative", true, "van"),
  c("θ", "TH", "dental", "fricative", false, "thin"),
  c("ð", "DH", "dental", "fricative", true, "this"),
  c("s", "S", "alveolar", "fricative", false, "sun"),
  c("z", "Z", "alveolar", "fricative", true, "zip"),
  c("ʃ", "SH", "postalveolar", "fricative", false, "ship"),
  c("ʒ", "ZH", "postalveolar", "fricative", true, "vision"),
  c("h", "HH", "glottal", "fricative", false, "hat"),
  c("tʃ", "CH", "postalveolar", "affricate", false, "chip"),
  c("dʒ", "JH", "postalveolar", "affricate", true, "jam"),
  c("m", "M", "bilabial", "nasal", true, "map"),
  c("n", "N", "alveolar", "nasal", true, "net"),
  c("ŋ", "NG", "velar", "nasal", true, "ring"),
  c("l", "L", "alveolar", "liquid", true, "leg"),
  c("r", "R", "postalveolar", "liquid", true, "rag"),
  c("w", "W", "labiovelar", "glide", true, "web"),
  c("j", "Y", "palatal", "glide", true, "yes"),
  v("æ", "AE", "short", 3, 0, false, "cat"),
  v("e", "EH", "short", 2, 0, false, "bed"),
  v("ɪ", "IH", "short", 1, 0, false, "pin"),
  v("ɒ", "AA", "short", 3, 2, true, "hot"),
  v("ʌ", "AH", "short", 2, 1, false, "cup"),
  v("ʊ", "UH", "short", 1, 2, true, "book"),
  v("iː", "IY", "long", 0, 0, false, "see"),
  v("uː", "UW", "long", 0, 2, true, "moon"),
  v("ɔː", "AO", "long", 2, 2, true, "saw"),
  v("ɑː", "AA", "long", 3, 2, false, "father"),
  v("eɪ", "EY", "diphthong", 1, 0, false, "rain"),
  v("aɪ", "AY", "diphthong", 3, 1, false, "time"),
  v("ɔɪ", "OY", "diphthong", 2, 2, true, "boy"),
  v("oʊ", "OW", "diphthong", 1, 2, true, "boat"),
  v("aʊ", "AW", "diphthong", 3, 1, false, "out"),
  v("ɜːr", "ER", "r-coloured", 2, 1, false, "bird"),
  v("ɑːr", "AA R", "r-coloured", 3, 2, false, "car"),
  v("ɔːr", "AO R", "r-coloured", 2, 2, true, "fork"),
  v("er", "EH R", "r-coloured", 2, 0, false, "chair"),
  v("ɪr", "IH R", "r-coloured", 1, 0, false, "ear"),
  v("ʊr", "UH R", "r-coloured", 1, 2, true, "sure"),
  v("ə", "AH", "weak", 2, 1, false, "banana"),
  v("ər", "ER", "weak", 2, 1, false, "sister"),
];

const BY_ID = new Map(PHONEMES.map((p) => [p.id, p]));

/** The inventory entry for an id such as `"eɪ"`, or undefined when it is not one of ours. */
export function phoneme(id: string): Phoneme | undefined {
  return BY_ID.get(id);
}

/** True for the vowels that are only said weakly: the a of about, the er of sister. */
export function isWeakVowel(id: string): boolean {
  const found = BY_ID.get(id);
  return found?.kind === "vowel" && found.length === "weak";
}

/** True for every vowel, r-coloured and weak ones included. */
export function isVowel(id: string): boolean {
  return BY_ID.get(id)?.kind === "vowel";
}
