import { inflectionOf } from "../lexicon/inflection.ts";
import type { Lexicon } from "../lexicon/lexicon.ts";
import { onsetRimeOf, rimeLetters, rimeSounds } from "../spelling/onset-rime.ts";
import type { Segmentation } from "../spelling/segmentation.ts";

/** Rime letters (`ake`) → sounds (`eɪ k`) → how many words of one syllable say them so. */
export type RimeTable = ReadonlyMap<string, ReadonlyMap<string, number>>;

/** The rime of a word of one syllable: the letters from its vowel on, and what they sound like. */
export function rimeOf(reading: Segmentation): { letters: string; sounds: string } | undefined {
  const parts = onsetRimeOf(reading);
  return parts && { letters: rimeLetters(reading, parts), sounds: rimeSounds(parts) };
}

/** Counts the rimes of a list's words of one syllable, words with an ending on left aside. */
export function rimeTable(lexicon: Lexicon): RimeTable {
  const table = new Map<string, Map<string, number>>();
  for (const entry of lexicon.words) {
    if (entry.syllables !== 1 || inflectionOf(entry.word, lexicon)) continue;
    const rime = rimeOf(entry.readings[0]);
    if (!rime) continue;
    const said = table.get(rime.letters) ?? new Map<string, number>();
    table.set(rime.letters, said);
    said.set(rime.sounds, (said.get(rime.sounds) ?? 0) + 1);
  }
  return table;
}

/** Below this share of a rime's words the reading is one of two (head, bead). */
const CLEAR_SHARE = 0.8;

/** Does English have this ending, and say it so in nearly every word that has it? */
export function hasClearRime(reading: Segmentation, table: RimeTable): boolean {
  const rime = rimeOf(reading);
  const said = rime && table.get(rime.letters);
  if (!said) return false;
  const all = [...said.values()].reduce((sum, count) => sum + count, 0);
  return (said.get(rime.sounds) ?? 0) / all >= CLEAR_SHARE;
}
