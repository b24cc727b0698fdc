/** How the words that are not for learners would be read by rule: what a nonsense word may not sound like either. */
import { type LexiconAsset, parseLexicon } from "../../src/core/lexicon/asset.ts";
import type { AccentSettings } from "../../src/core/sounds/accents.ts";
import { decode } from "../../src/core/spelling/decode/decode.ts";
import { saidPhonemes } from "../../src/core/spelling/said.ts";

/** Where wh and w are two sounds: whoever says them as one reads the first as the second. */
const WITH_WH: AccentSettings = { accent: "general-american", mergers: [] };

/**
 * The distinct readings by rule of rare and unsuitable words, as our phonemes joined by "-", the wh of whip as "ʍ", in the
 * order of their characters. Reading 16,000 words by rule takes over a second: it is done once, here.
 */
export function spelledSounds(asset: LexiconAsset): string[] {
  const { unsuitableWords, otherWords } = parseLexicon(asset);
  const sounds = new Set<string>();
  for (const word of [...unsuitableWords, ...otherWords]) {
    const reading = decode(word);
    if (reading) sounds.add(saidPhonemes(reading, WITH_WH).join("-"));
  }
  return [...sounds].sort();
}
