import type { OwnWord } from "../sounds/accents.ts";
import { readCompactReading } from "./asset.ts";
import { bandOf, type Lexicon, type LexiconWord } from "./lexicon.ts";

/** As common as a word that every child of the school knows: they hear it there. */
const OWN_ZIPF = 4.7;

/**
 * A school's own words as entries of a word list, by spelling. One that is in the list keeps all that is known of it but
 * how it is said. Words that may never be shown, and readings whose letters and graphemes do not add up, are left out.
 */
export function ownEntries(ownWords: readonly OwnWord[], lexicon: Lexicon): ReadonlyMap<string, LexiconWord> {
  const entries = new Map<string, LexiconWord>();
  for (const own of ownWords) {
    const entry = lexicon.unsuitable(own.word)?.level === "never" ? undefined : entryOf(own, lexicon);
    if (entry) entries.set(own.word, entry);
  }
  return entries;
}

function entryOf({ word, reading, isCapital }: OwnWord, lexicon: Lexicon): LexiconWord | undefined {
  let said: LexiconWord["readings"][0];
  try {
    said = readCompactReading(word, reading);
  } catch {
    return undefined;
  }
  const listed = lexicon.get(word);
  return {
    word,
    zipf: listed?.zipf ?? OWN_ZIPF,
    band: listed?.band ?? bandOf(OWN_ZIPF),
    suitability: listed?.suitability ?? "suitable",
    familiarity: listed?.familiarity ?? 1,
    isCapital,
    partsOfSpeech: listed?.partsOfSpeech ?? "n",
    syllables: said.units.filter(({ slot }) => slot === "nucleus").length,
    readings: [said],
  };
}
