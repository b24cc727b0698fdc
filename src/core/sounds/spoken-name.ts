import type { Accent } from "./accents.ts";
import { phoneme } from "./phonemes.ts";

/** Key words of the inventory in which an accent has another sound, and what it has instead: sure is shore there. */
const KEY_WORDS_OF: Readonly<Partial<Record<Accent, Readonly<Record<string, string>>>>> = {
  "southern-british": { ʊr: "cure" },
};

/** A plain word with the sound in it, for teachers who do not read IPA: `"pin"`. */
export function keyWordFor(id: string, accent: Accent = "general-american"): string {
  return KEY_WORDS_OF[accent]?.[id] ?? phoneme(id)?.keyWord ?? id;
}
