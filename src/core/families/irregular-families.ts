import type { Lexicon } from "../lexicon/lexicon.ts";
import { soundClassOf } from "../sounds/sound-class.ts";

/** Letters and sounds from the vowel on of a word of one syllable; undefined for others, and for words that cannot be split. */
function rimeOf(word: string, lexicon: Lexicon): string | undefined {
  const entry = lexicon.get(word);
  if (entry?.syllables !== 1) return undefined;
  const { units } = entry.readings[0];
  const rime = units.slice(units.findIndex(({ slot }) => slot === "nucleus"));
  return rime.map(({ grapheme, phonemes }) => `${grapheme}=${soundClassOf(phonemes, lexicon.accent)}`).join(".");
}

/**
 * Words learnt whole, those together that follow a pattern of their own: he, me, be, we; could, would, should.
 *
 * @param words in the order in which they are wanted
 * @returns every word once: families in the order of their first words, a word without one alone
 */
export function irregularFamilies(words: readonly string[], lexicon: Lexicon): string[][] {
  const families = new Map<string, string[]>();
  for (const word of new Set(words)) {
    const key = rimeOf(word, lexicon) ?? `alone ${word}`;
    families.set(key, [...(families.get(key) ?? []), word]);
  }
  return [...families.values()];
}
