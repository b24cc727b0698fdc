/**
 * `npm run bench`: how long the core takes, as medians over warm runs. Never part of the tests: a shared
 * machine's times are for reading, not for failing.
 */
import { readFileSync } from "node:fs";
import { cpus } from "node:os";
import { gzipSync } from "node:zlib";
import { Bench } from "tinybench";
import {
  buildGraph,
  decodableWords,
  planChain,
  sequenceById,
  shippedLexicon,
  taughtAt,
  wordsForGap,
} from "../src/core/index.ts";
import { parseLexicon } from "../src/core/lexicon/asset.ts";
import { align, cmuPhones } from "../src/core/spelling/align.ts";
import asset from "../src/data/lexicon/lexicon.json";
import { oneSyllableListings } from "./lexicon/readings.ts";
import { readPronunciations } from "./lexicon/sources.ts";

const lexicon = shippedLexicon();
const graph = buildGraph(lexicon.words);
const sequence = sequenceById("short-vowels-first");
if (!sequence) throw new Error("the shipped sequence is missing");
const everything = taughtAt(sequence, 99);
const step13 = taughtAt(sequence, 13);
const listings = readPronunciations();
const thousand = lexicon.words.slice(0, 1000).map(({ word }) => ({
  word,
  phones: oneSyllableListings(word, listings.get(word) ?? []).map(cmuPhones),
}));
let seed = 0;
const request = (taught: typeof everything, length: number) => ({
  taught,
  length,
  focus: [],
  contrasts: [],
  seed: seed++,
});

const bench = new Bench({ time: 1500, warmupTime: 300 });
bench
  .add("open the word list", () => void parseLexicon(asset as never))
  .add("open it and rebuild every reading", () =>
    parseLexicon(asset as never).words.forEach((word) => void word.readings),
  )
  .add("segment 1,000 words from scratch", () => {
    for (const { word, phones } of thousand) for (const run of phones) align(word, run);
  })
  .add("look up 1,000 prepared words", () => {
    for (const { word } of thousand) lexicon.get(word)?.readings[0].units.length;
  })
  .add("decodability of the whole list", () => void decodableWords(everything, lexicon))
  .add("graph of the whole list", () => void buildGraph(lexicon.words))
  .add("plan 8 words, step 13", () => void planChain(request(step13, 8), lexicon))
  .add("plan 8 words, everything taught", () => void planChain(request(everything, 8), lexicon))
  .add("plan 20 words, everything taught", () => void planChain(request(everything, 20), lexicon))
  .add("words for a gap, everything taught", () => {
    wordsForGap({ taught: everything, focus: [], contrasts: [], before: "pet" }, lexicon);
  });
await bench.run();

const edges = graph.edges.reduce((sum, out) => sum + out.length, 0) / 2;
const bytes = gzipSync(readFileSync("src/data/lexicon/lexicon.json")).length;
console.log(`${cpus()[0]?.model} × ${cpus().length}, Node.js ${process.versions.node}`);
console.log(
  `${lexicon.words.length} words, ${edges} steps between them, word list ${Math.round(bytes / 1024)} kB gzip\n`,
);
console.table(
  bench.tasks.map(({ name, result }) => {
    if (!("latency" in result)) throw new Error(`${name} did not run`);
    const { latency } = result;
    return {
      what: name,
      "median ms": latency.p50.toFixed(2),
      "p99 ms": latency.p99.toFixed(2),
      runs: latency.samplesCount,
    };
  }),
);

const medianOf = (name: string) => {
  const result = bench.tasks.find((task) => task.name === name)?.result;
  return result && "latency" in result ? result.latency.p50 : Number.NaN;
};
const aSecond = (name: string) => Math.round(1_000_000 / medianOf(name)).toLocaleString("en-GB");
console.log(`words segmented a second, from scratch: ${aSecond("segment 1,000 words from scratch")}`);
console.log(`words segmented a second, from the prepared list: ${aSecond("look up 1,000 prepared words")}`);
