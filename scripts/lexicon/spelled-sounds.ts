/** How the words that are not for learners would be read by rule: what a nonsense word may not sound like either. */
import { type LexiconAsset, parseLexicon } from "../../src/core/lexicon/asset.ts";
import { decode } from "../../src/core/spelling/decode/decode.ts";

/**
 * The distinct readings by rule of rare and unsuitable words, as our phonemes joined by "-", the wh of whip as "ʍ", in the
 * order of their characters. Reading 16,000 words by rule takes over a second: it is done once, here.
 */
export function spelledSounds(asset: LexiconAsset): string[] {
  const { unsuitableWords, otherWords } = parseLexicon(asset);
  const sounds = new Set<string>();
  for (const word of [...unsuitableWords, ...otherWords]) {
    const units = decode(word)?.units;
    if (units) sounds.add(units.flatMap((unit) => (unit.grapheme === "wh" ? ["ʍ"] : unit.phonemes)).join("-"));
  }
  return [...sounds].sort();
}
