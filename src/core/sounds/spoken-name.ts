import { phoneme } from "./phonemes.ts";

/** IPA in General American, for display; where the id already is the rendering it is not listed. */
const GENERAL_AMERICAN_IPA: Readonly<Record<string, string>> = {
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
};

/** `"/ɪ/"`: the phonemes as IPA between slashes. */
export function ipa(phonemes: readonly string[]): string {
  return `/${phonemes.map((id) => GENERAL_AMERICAN_IPA[id] ?? id).join("")}/`;
}

/** A plain word with the sound in it, for teachers who do not read IPA: `"pin"`. */
export function keyWordFor(id: string): string {
  return phoneme(id)?.keyWord ?? id;
}
