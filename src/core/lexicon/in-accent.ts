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
    const wordsIn = new Map<LexiconWord, LexiconWord>();
    const inAccent = (entry: LexiconWord) => {
      let word = wordsIn.get(entry);
      if (!word) {
        word = new WordInAccent(entry, settings);
        wordsIn.set(entry, word);
      }
      return word;
    };
    const words = lexicon.words.map(inAccent);
    const base = lexicon;
    said = {
      version: base.version,
      accent: settings,
      words,
      unsuitable: base.unsuitable,
      unsuitableWords: base.unsuitableWords,
      otherWords: base.otherWords,
      unsplittable: base.unsplittable,
      get longWords() {
        return base.longWords.map(inAccent);
      },
      get: (word) => {
        const entry = base.get(word);
        return entry && inAccent(entry);
      },
    };
    known.set(key, said);
  }
  return said;
}

/** A word with its readings as an accent has them, rebuilt when first asked for. */
class WordInAccent implements LexiconWord {
  readonly #entry: LexiconWord;
  readonly #settings: AccentSettings;
  readonly word: string;
  readonly zipf: number;
  readonly band: LexiconWord["band"];
  readonly suitability: LexiconWord["suitability"];
  readonly familiarity: LexiconWord["familiarity"];
  readonly isCapital: boolean;
  readonly partsOfSpeech: string;
  #readings: LexiconWord["readings"] | undefined;

  constructor(entry: LexiconWord, settings: AccentSettings) {
    this.#entry = entry;
    this.#settings = settings;
    this.word = entry.word;
    this.zipf = entry.zipf;
    this.band = entry.band;
    this.suitability = entry.suitability;
    this.familiarity = entry.familiarity;
    this.isCapital = entry.isCapital;
    this.partsOfSpeech = entry.partsOfSpeech;
  }

  get readings(): LexiconWord["readings"] {
    this.#readings ??= this.#entry.readings.map((reading) =>
      readingIn(reading, this.#settings),
    ) as unknown as LexiconWord["readings"];
    return this.#readings;
  }

  get syllables(): number {
    return this.#entry.syllables;
  }
}
