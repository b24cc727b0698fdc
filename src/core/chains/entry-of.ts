import { type Lexicon, type LexiconWord, normaliseSpelling } from "../lexicon/lexicon.ts";
import { decode } from "../spelling/decode/decode.ts";
import type { Segmentation } from "../spelling/segmentation.ts";

/** A listed word, or a nonsense word as it is read by rule; undefined for what may not be shown or cannot be read. */
export function entryOf(word: string, lexicon: Lexicon): LexiconWord | undefined {
  const spelling = normaliseSpelling(word);
  const entry = lexicon.get(spelling);
  if (entry) return entry;
  if (lexicon.unsplittable(spelling) || lexicon.unsuitable(spelling)) return undefined;
  const reading = decode(spelling);
  return reading && nonsenseEntry(spelling, reading);
}

/** A nonsense word as an entry of a word list. */
export function nonsenseEntry(word: string, reading: Segmentation): LexiconWord {
  return {
    word,
    zipf: 0,
    band: 5,
    suitability: "suitable",
    familiarity: 4,
    isCapital: false,
    partsOfSpeech: "",
    syllables: 1,
    readings: [reading],
  };
}
