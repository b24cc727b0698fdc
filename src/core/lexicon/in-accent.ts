import { type AccentSettings, accentKey } from "../sounds/accents.ts";
import { readingIn } from "../spelling/said.ts";
import type { Lexicon, LexiconWord } from "./lexicon.ts";

const KNOWN = new WeakMap<Lexicon, Map<string, Lexicon>>();

/**
 * A word list as an accent says it: worked out once for each accent. Everything that is asked of the list
 * (sounds alike, one step apart, decodable) is then answered in that accent.
 *
 * @example soundAlikes("saw", lexiconIn(shippedLexicon(), SOUTHERN_BRITISH)).includes("sore") // true
 */
export function lexiconIn(lexicon: Lexicon, settings: AccentSettings): Lexicon {
  if (lexicon.accent === settings) return lexicon;
  const key = accentKey(settings);
  if (accentKey(lexicon.accent) === key) return lexicon;
  const known = KNOWN.get(lexicon) ?? new Map<string, Lexicon>();
  KNOWN.set(lexicon, known);
  let said = known.get(key);
  if (!said) {
    const words = lexicon.words.map((entry) => wordIn(entry, settings));
    const byWord = new Map(words.map((entry) => [entry.word, entry]));
    said = { ...lexicon, accent: settings, words, get: (word) => byWord.get(word) };
    known.set(key, said);
  }
  return said;
}

/** The same word with its readings as the accent has them, rebuilt when first asked for. */
function wordIn(entry: LexiconWord, settings: AccentSettings): LexiconWord {
  const { word, zipf, band, suitability, partsOfSpeech } = entry;
  let readings: LexiconWord["readings"] | undefined;
  return {
    word,
    zipf,
    band,
    suitability,
    partsOfSpeech,
    get readings() {
      readings ??= entry.readings.map((r) => readingIn(r, settings)) as unknown as LexiconWord["readings"];
      return readings;
    },
    get syllables() {
      return entry.syllables;
    },
  };
}
