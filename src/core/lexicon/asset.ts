import { GENERAL_AMERICAN } from "../sounds/accents.ts";
import { isVowel } from "../sounds/phonemes.ts";
import { gpcById, gpcId } from "../spelling/gpc.ts";
import type { Segmentation, Slot, Unit } from "../spelling/segmentation.ts";
import { bandOf, type Lexicon, type LexiconWord, type UnsuitableEntry } from "./lexicon.ts";

/**
 * The committed word list as `scripts/build-lexicon.ts` writes it.
 *
 * A line of `words` is `word|zipf×100|parts of speech|level|reading;reading…`, level `s` when not every
 * school wants the word; a reading is `graphemes joined by "." space phonemes joined by "."`, several
 * phonemes of one grapheme joined by "+".
 */
export interface LexiconAsset {
  readonly version: string;
  readonly sources: readonly { name: string; version: string; licence: string; use: string }[];
  readonly words: readonly string[];
  readonly unsplittable: readonly string[];
  /** Short words that are English but not in the list, joined by spaces. */
  readonly otherWords: string;
  /** `level|reason|word word …` */
  readonly unsuitable: readonly string[];
}

/** The line of one reading; the opposite of `readReading`. */
export function writeReading({ units, seam }: Segmentation): string {
  const graphemes = units
    .map(({ grapheme, letters }, k) => (k === 0 ? "" : letters[0] === seam ? "/" : ".") + grapheme)
    .join("");
  const phonemes = units.map((u) => u.phonemes.join("+")).join(".");
  return `${graphemes} ${phonemes}`;
}

interface UnitFacts {
  readonly phonemes: readonly string[];
  readonly commonness: Unit["commonness"];
  readonly vowel: boolean;
}

const FACTS = new Map<string, UnitFacts>();
function factsOf(grapheme: string, sounds: string): UnitFacts {
  const key = `${grapheme}=${sounds}`;
  let facts = FACTS.get(key);
  if (!facts) {
    const phonemes = sounds.split("+");
    const gpc = gpcById(gpcId(grapheme, phonemes));
    facts = { phonemes, commonness: gpc?.commonness ?? 5, vowel: phonemes.some(isVowel) };
    FACTS.set(key, facts);
  }
  return facts;
}

/** Rebuilds a segmentation from its line. @throws Error when letters and graphemes do not add up. */
export function readReading(word: string, line: string): Segmentation {
  const space = line.indexOf(" ");
  const parts = line.slice(0, space).split("/");
  const graphemes = parts.flatMap((part) => part.split("."));
  const unitAtSeam = parts.length > 1 ? (parts[0] as string).split(".").length : undefined;
  const sounds = line.slice(space + 1).split(".");
  const facts = graphemes.map((grapheme, k) => factsOf(grapheme, sounds[k] as string));
  const firstVowel = facts.findIndex((f) => f.vowel);
  const units: Unit[] = [];
  let at = 0;
  let openLetters: number[] | undefined;
  for (let k = 0; k < graphemes.length; k++) {
    const grapheme = graphemes[k] as string;
    const fact = facts[k] as UnitFacts;
    const hyphen = grapheme.indexOf("-");
    const head = hyphen === -1 ? grapheme : grapheme.slice(0, hyphen);
    if (openLetters && !word.startsWith(head, at) && word[at] === "e") {
      openLetters.push(at++);
      openLetters = undefined;
    }
    const letters: number[] = [];
    for (let n = 0; n < head.length; n++) letters.push(at++);
    if (hyphen !== -1) openLetters = letters;
    const slot: Slot = fact.vowel
      ? "nucleus"
      : firstVowel === -1 || k < firstVowel || facts[k + 1]?.vowel
        ? "onset"
        : "coda";
    units.push({ grapheme, letters, phonemes: fact.phonemes, slot, commonness: fact.commonness });
  }
  if (openLetters) openLetters.push(at++);
  const seam = unitAtSeam === undefined ? undefined : units[unitAtSeam]?.letters[0];
  if (at !== word.length) throw new Error(`Lexicon: "${word}" does not add up from "${line}"`);
  return { word, units, ...(seam !== undefined && { seam }), cost: 0 };
}

function parseWord(line: string): LexiconWord {
  const [word = "", zipf = "", partsOfSpeech = "", level = "", readings = ""] = line.split("|");
  const value = Number(zipf) / 100;
  let parsed: LexiconWord["readings"] | undefined;
  return {
    word,
    zipf: value,
    band: bandOf(value),
    suitability: level === "s" ? "not-every-school" : "suitable",
    partsOfSpeech,
    // Readings are rebuilt when first asked for: opening the list must not cost a worker its start.
    get readings() {
      parsed ??= readings.split(";").map((r) => readReading(word, r)) as unknown as LexiconWord["readings"];
      return parsed;
    },
    get syllables() {
      return this.readings[0].units.filter((u) => u.slot === "nucleus").length;
    },
  };
}

/** Opens the shipped word list. @throws Error when the asset is damaged. */
export function parseLexicon(asset: LexiconAsset): Lexicon {
  const words = asset.words.map(parseWord);
  const byWord = new Map(words.map((entry) => [entry.word, entry]));
  const unsplittable = new Set(asset.unsplittable);
  const unsuitable = new Map<string, UnsuitableEntry>();
  for (const line of asset.unsuitable) {
    const [level = "", reason = "", list = ""] = line.split("|");
    for (const word of list.split(" "))
      if (!unsuitable.has(word)) unsuitable.set(word, { level: level as UnsuitableEntry["level"], reason });
  }
  return {
    version: asset.version,
    accent: GENERAL_AMERICAN,
    words,
    get: (word) => byWord.get(word),
    unsuitable: (word) => unsuitable.get(word),
    unsuitableWords: [...unsuitable.keys()],
    otherWords: asset.otherWords.split(" "),
    unsplittable: (word) => unsplittable.has(word),
  };
}
