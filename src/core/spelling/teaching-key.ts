import { type AccentSettings, GENERAL_AMERICAN } from "../sounds/accents.ts";
import { gpcId } from "./gpc-id.ts";

/**
 * Correspondences that the dictionary scatters between, as one and the same row to a teacher: the i of pencil is the i
 * of pin, the -ed of wanted is one ending however weak its vowel is. Common practice, no source.
 */
const TAUGHT_AS: Readonly<Record<string, string>> = {
  "i=ə": "i=ɪ",
  "y=ə": "y=ɪ",
  "e=ɪ": "e=ə",
  "a=ɪ": "a=ə",
  "ai=ə": "ai=ɪ",
  "ei=ə": "ei=ɪ",
  "ia=ə": "ia=ɪ",
  "ui=ə": "ui=ɪ",
  "ed=ə+d": "ed=ɪ+d",
  "es=ə+z": "es=ɪ+z",
  "'s=ə+z": "'s=ɪ+z",
  // The r of hour and fire.
  "r=ər": "r=r",
  // Parent in Southern British: the accent's own sound before r.
  "a=er": "a=e",
};

/** The one thing of an accent that `teachingKey` goes by. */
export const hasOneU = (accent: AccentSettings): boolean => accent.mergers.includes("northern-u");

/**
 * What a correspondence is taught as: its row of the table. Unlike `correspondenceKey`, which says what sounds alike,
 * one row never teaches another: the a of ball is not the a of swan, however a school says them. Only where cup and put
 * have one vowel there is but one u to teach.
 */
export function teachingKey(
  grapheme: string,
  phonemes: readonly string[],
  accent: AccentSettings = GENERAL_AMERICAN,
): string {
  const id = gpcId(grapheme, phonemes);
  if (id === "u=ʊ" && hasOneU(accent)) return "u=ʌ";
  return TAUGHT_AS[id] ?? id;
}
