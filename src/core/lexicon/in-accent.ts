import { type AccentSettings, accentKey } from "../sounds/accents.ts";
import { readingIn } from "../spelling/said.ts";
import type { Lexicon, LexiconWord } from "./lexicon.ts";
import { ownEntries } from "./own-words.ts";

const KNOWN = new WeakMap<Lexicon, Map<string, Lexicon>>();
/** A school has one way to say words; others are looked at while it chooses, and each own word makes another. */
const MOST_KNOWN = 6;
/** Words of more syllables are in no chain. */
const MOST_SYLLABLES = 2;

const commonestFirst = (words: readonly LexiconWord[]): LexiconWord[] => [...words].sort((a, b) => b.zipf - a.zipf);

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
    const base = lexicon;
    const own = ownEntries(settings.ownWords ?? [], base);
    /** The list's words, with the school's own in the place of those it says otherwise. */
    const withOwn = (listed: readonly LexiconWord[], mine: readonly LexiconWord[]) =>
      own.size === 0 ? listed : commonestFirst([...listed.filter(({ word }) => !own.has(word)), ...mine]);
    const mine = [...own.values()];
    const short = mine.filter(({ syllables }) => syllables <= MOST_SYLLABLES);
    // Made when first asked for: whoever looks up a word needs no list of all.
    let words: readonly LexiconWord[] | undefined;
    said = {
      version: base.version,
      accent: settings,
      get words() {
        words ??= withOwn(base.words, short).map(inAccent);
        return words;
      },
      unsuitable: base.unsuitable,
      unsuitableWords: base.unsuitableWords,
      otherWords: base.otherWords,
      unsplittable: (word) => !own.has(word) && base.unsplittable(word),
      get longWords() {
        return withOwn(
          base.longWords,
          mine.filter((entry) => !short.includes(entry)),
        ).map(inAccent);
      },
      get: (word) => {
        const entry = own.get(word) ?? base.get(word);
        return entry && inAccent(entry);
      },
    };
  }
  // The one that was asked for longest ago goes first.
  known.delete(key);
  known.set(key, said);
  const [oldest] = known.keys();
  if (known.size > MOST_KNOWN && oldest !== undefined) known.delete(oldest);
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
