import { phoneme } from "./phonemes.ts";

/** A plain word with the sound in it, for teachers who do not read IPA: `"pin"`. */
export function keyWordFor(id: string): string {
  return phoneme(id)?.keyWord ?? id;
}
