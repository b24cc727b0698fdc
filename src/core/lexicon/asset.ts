import { GENERAL_AMERICAN } from "../sounds/accents.ts";
import { isVowel } from "../sounds/phonemes.ts";
import { firstSoundsOf, gpcById } from "../spelling/gpc.ts";
import { gpcId } from "../spelling/gpc-id.ts";
import type { Segmentation, Slot, Unit } from "../spelling/segmentation.ts";
import { apostropheWord } from "./apostrophes.ts";
import { KEPT_OUT_LIST_IDS, KEPT_OUT_LISTS } from "./kept-out-lists.ts";
import { bandOf, type Familiarity, type Lexicon, type LexiconWord, type UnsuitableEntry } from "./lexicon.ts";

/**
 * The committed word list as `scripts/build-lexicon.ts` writes it.
 *
 * A line of `words` is `word|zipf×100|parts of speech|flags|reading;reading…`. Flags are the mark of the list that
 * keeps the word out (kept-out-lists.ts), `c` for a word written with a capital, and the familiarity as a figure. A
 * reading is its graphemes joined by ".", or "/" at the seam of a compound; a grapheme that has not its first sounds
 * (`firstSoundsOf`) is followed by "=" and them, joined by "+"; ":" stands where something meets its base. Lines are in the order of the alphabet.
 */
export interface LexiconAsset {
  readonly version: string;
  readonly sources: readonly { name: string; version: string; licence: string; use: string }[];
  readonly words: readonly string[];
  /** Words of three and more syllables, as `words`. */
  readonly longWords: readonly string[];
  readonly unsplittable: readonly string[];
  /** Short words that are English but not in the list, joined by spaces. */
  readonly otherWords: string;
  /** `level|reason|word word …` */
  readonly unsuitable: readonly string[];
}

/** One reading as records keep it: `"sh.i.p ʃ.ɪ.p"`; the opposite of `readReading`. */
export function writeReading({ units, seam }: Segmentation): string {
  const graphemes = units
    .map(({ grapheme, letters }, k) => (k === 0 ? "" : letters[0] === seam ? "/" : ".") + grapheme)
    .join("");
  const phonemes = units.map((u) => u.phonemes.join("+")).join(".");
  return `${graphemes} ${phonemes}`;
}

/** What is the same of a unit wherever it stands. */
interface UnitFacts {
  readonly grapheme: string;
  /** Its letters, or of a split digraph those before the gap. */
  readonly head: string;
  readonly isSplit: boolean;
  readonly phonemes: readonly string[];
  readonly commonness: Unit["commonness"];
  readonly vowel: boolean;
  /** Units made of it, by place and slot: words share them, so that opening the list makes a few thousand in all. */
  readonly units: (Unit | undefined)[];
}

const SLOTS: readonly Slot[] = ["onset", "nucleus", "coda"];
const [ONSET, NUCLEUS, CODA] = [0, 1, 2] as const;

const FACTS = new Map<string, UnitFacts>();

/** @param unit as the list writes it: `sh`, or `ea=e` where the sounds are not the grapheme's first ones */
function factsOf(unit: string): UnitFacts {
  let facts = FACTS.get(unit);
  if (!facts) {
    const equals = unit.indexOf("=");
    const grapheme = equals === -1 ? unit : unit.slice(0, equals);
    const phonemes = (equals === -1 ? (firstSoundsOf(grapheme) ?? "") : unit.slice(equals + 1)).split("+");
    const hyphen = grapheme.indexOf("-");
    facts = {
      grapheme,
      head: hyphen === -1 ? grapheme : grapheme.slice(0, hyphen),
      isSplit: hyphen !== -1,
      phonemes,
      commonness: gpcById(gpcId(grapheme, phonemes))?.commonness ?? 5,
      vowel: phonemes.some(isVowel),
      units: [],
    };
    FACTS.set(unit, facts);
  }
  return facts;
}

/** What stands between two units of a line, as the codes of characters. */
const [DOT, SLASH, COLON] = [0x2e, 0x2f, 0x3a] as const;

/** Facts of units of one letter, by its code: more than half of all are. */
const FACTS_OF_LETTER: UnitFacts[] = [];

/** Facts of a unit that stands in a line from one place up to another. */
function factsBetween(line: string, from: number, to: number): UnitFacts {
  if (to - from !== 1) return factsOf(line.slice(from, to));
  const code = line.charCodeAt(from);
  FACTS_OF_LETTER[code] ??= factsOf(line.slice(from, to));
  return FACTS_OF_LETTER[code];
}

/** Rebuilds a segmentation from `writeReading`'s line. @throws Error when letters and graphemes do not add up. */
export function readReading(word: string, line: string): Segmentation {
  const space = line.indexOf(" ");
  const parts = line.slice(0, space).split("/");
  const graphemes = parts.flatMap((part) => part.split("."));
  const unitAtSeam = parts.length > 1 ? (parts[0] as string).split(".").length : undefined;
  const sounds = line.slice(space + 1).split(".");
  const facts = graphemes.map((grapheme, k) => factsOf(`${grapheme}=${sounds[k]}`));
  return layOut(word, facts, unitAtSeam);
}

/**
 * One reading as the word list's file has it: sounds only where they are not the grapheme's first ones, "/" at the seam
 * of a compound, ":" where an ending or a prefix meets its base.
 */
export function writeCompactReading({ units, seam, joints = [] }: Segmentation): string {
  return units
    .map(({ grapheme, letters, phonemes }, k) => {
      const sounds = phonemes.join("+");
      const first = letters[0] as number;
      const mark = k === 0 ? "" : first === seam ? "/" : joints.includes(first) ? ":" : ".";
      return mark + grapheme + (sounds === firstSoundsOf(grapheme) ? "" : `=${sounds}`);
    })
    .join("");
}

/** The opposite of `writeCompactReading`. @throws Error when letters and graphemes do not add up. */
export function readCompactReading(word: string, line: string): Segmentation {
  const facts: UnitFacts[] = [];
  let unitAtSeam: number | undefined;
  let unitsAtJoints: number[] | undefined;
  let from = 0;
  for (let at = 0; at <= line.length; at++) {
    const mark = at < line.length ? line.charCodeAt(at) : DOT;
    if (mark !== DOT && mark !== SLASH && mark !== COLON) continue;
    facts.push(factsBetween(line, from, at));
    from = at + 1;
    if (mark === SLASH) unitAtSeam = facts.length;
    if (mark === COLON) {
      unitsAtJoints ??= [];
      unitsAtJoints.push(facts.length);
    }
  }
  const reading = layOut(word, facts, unitAtSeam);
  if (!unitsAtJoints) return reading;
  return { ...reading, joints: unitsAtJoints.map((k) => reading.units[k]?.letters[0] as number) };
}

/** Lays graphemes with their sounds over the letters of a word. @throws Error when they do not add up. */
function layOut(word: string, facts: readonly UnitFacts[], unitAtSeam: number | undefined): Segmentation {
  const firstVowel = facts.findIndex(({ vowel }) => vowel);
  const units: Unit[] = [];
  let at = 0;
  let openLetters: number[] | undefined;
  for (let k = 0; k < facts.length; k++) {
    const fact = facts[k] as UnitFacts;
    if (openLetters && word[at] === "e" && !word.startsWith(fact.head, at)) {
      openLetters.push(at++);
      openLetters = undefined;
    }
    const slot = fact.vowel ? NUCLEUS : k < firstVowel || firstVowel === -1 || facts[k + 1]?.vowel ? ONSET : CODA;
    const place = at * SLOTS.length + slot;
    let unit = fact.isSplit ? undefined : fact.units[place];
    if (!unit) {
      const letters = Array.from(fact.head, (_, n) => at + n);
      const { grapheme, phonemes, commonness } = fact;
      unit = { grapheme, letters, phonemes, slot: SLOTS[slot] as Slot, commonness };
      if (fact.isSplit) openLetters = letters;
      else fact.units[place] = unit;
    }
    units.push(unit);
    at += fact.head.length;
  }
  if (openLetters) openLetters.push(at++);
  const seam = unitAtSeam === undefined ? undefined : units[unitAtSeam]?.letters[0];
  if (at !== word.length) {
    const written = facts.map(({ grapheme, phonemes }) => `${grapheme}=${phonemes.join("+")}`).join(".");
    throw new Error(`"${word}" does not add up from ${written}`);
  }
  return seam === undefined ? { word, units, cost: 0 } : { word, units, seam, cost: 0 };
}

const LIST_OF_MARK = new Map(KEPT_OUT_LIST_IDS.map((id) => [KEPT_OUT_LISTS[id].mark as string, id]));

/** A line of the list. Readings are rebuilt when first asked for: opening the list must not cost a worker its start. */
class ListedWord implements LexiconWord {
  readonly word: string;
  readonly zipf: number;
  readonly band: LexiconWord["band"];
  readonly suitability: LexiconWord["suitability"];
  readonly familiarity: Familiarity;
  readonly isCapital: boolean;
  readonly partsOfSpeech: string;
  readonly #line: string;
  #readings: LexiconWord["readings"] | undefined;
  #syllables = 0;

  constructor(line: string) {
    // Taken apart by place: a list of five parts for each of 20,000 lines is a third of what opening costs.
    const afterWord = line.indexOf("|");
    const afterZipf = line.indexOf("|", afterWord + 1);
    const afterParts = line.indexOf("|", afterZipf + 1);
    const afterFlags = line.indexOf("|", afterParts + 1);
    this.word = line.slice(0, afterWord);
    this.zipf = Number(line.slice(afterWord + 1, afterZipf)) / 100;
    this.band = bandOf(this.zipf);
    this.partsOfSpeech = line.slice(afterZipf + 1, afterParts);
    this.suitability = LIST_OF_MARK.get(line.charAt(afterParts + 1)) ?? "suitable";
    this.isCapital = line.slice(afterParts + 1, afterFlags).includes("c");
    this.familiarity = Number(line.charAt(afterFlags - 1)) as Familiarity;
    this.#line = line.slice(afterFlags + 1);
  }

  get readings(): LexiconWord["readings"] {
    if (!this.#readings) {
      const [line, word] = [this.#line, this.word];
      // Most have one, for which no list of lines need be made.
      this.#readings = line.includes(";")
        ? (line.split(";").map((reading) => readCompactReading(word, reading)) as [Segmentation, ...Segmentation[]])
        : [readCompactReading(word, line)];
    }
    return this.#readings;
  }

  get syllables(): number {
    this.#syllables ||= this.readings[0].units.filter(({ slot }) => slot === "nucleus").length;
    return this.#syllables;
  }
}

/**
 * Words with the commonest first, and of equally common ones in the order they came in. By counting: comparing 20,000
 * words with one another is a third of what opening the list costs.
 */
function commonestFirst(words: readonly LexiconWord[]): LexiconWord[] {
  const withZipf: LexiconWord[][] = [];
  for (const word of words) {
    const hundredths = Math.round(word.zipf * 100);
    withZipf[hundredths] ??= [];
    withZipf[hundredths].push(word);
  }
  return withZipf.reverse().flat();
}

/** Opens the shipped word list. @throws Error when the asset is damaged. */
export function parseLexicon(asset: LexiconAsset): Lexicon {
  const words = commonestFirst(asset.words.map((line) => new ListedWord(line)));
  const byWord = new Map<string, LexiconWord>(words.map((entry) => [entry.word, entry]));
  const unsplittable = new Set(asset.unsplittable);
  const unsuitable = new Map<string, UnsuitableEntry>();
  for (const line of asset.unsuitable) {
    const [level = "", reason = "", list = ""] = line.split("|");
    for (const word of list.split(" "))
      if (!unsuitable.has(word)) unsuitable.set(word, { level: level as UnsuitableEntry["level"], reason });
  }
  let longLines: ReadonlyMap<string, string> | undefined;
  const longLine = (word: string) => {
    longLines ??= new Map(asset.longWords.map((line) => [line.slice(0, line.indexOf("|")), line]));
    return longLines.get(word);
  };
  let longWords: readonly LexiconWord[] | undefined;
  const find = (word: string): LexiconWord | undefined => {
    let entry = byWord.get(word);
    const line = entry ? undefined : longLine(word);
    if (line) entry = new ListedWord(line);
    else if (!entry && word.includes("'")) entry = apostropheWord(word, find);
    if (entry) byWord.set(word, entry);
    return entry;
  };
  return {
    version: asset.version,
    accent: GENERAL_AMERICAN,
    words,
    get longWords() {
      longWords ??= commonestFirst(
        asset.longWords.map((line) => find(line.slice(0, line.indexOf("|"))) as LexiconWord),
      );
      return longWords;
    },
    get: find,
    unsuitable: (word) => unsuitable.get(word),
    unsuitableWords: [...unsuitable.keys()],
    otherWords: asset.otherWords.split(" "),
    unsplittable: (word) => unsplittable.has(word),
  };
}
