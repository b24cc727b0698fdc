/**
 * `npm run bench`: how long the core takes, as medians over warm runs. Never part of the tests: a shared
 * machine's times are for reading, not for failing.
 */
import { readFileSync } from "node:fs";
import { cpus } from "node:os";
import { gzipSync } from "node:zlib";
import Graph from "graphology";
import { bidirectional } from "graphology-shortest-path/unweighted";
import { Bench } from "tinybench";
import {
  allFamilies,
  buildGraph,
  type ChainRequest,
  checkText,
  classifyResponse,
  classifySentence,
  decodableWords,
  edgesFrom,
  familyGrid,
  fillRoutine,
  GENERAL_AMERICAN,
  graphOf,
  type Lexicon,
  type LexiconWord,
  ladder,
  makeNonsense,
  makeSentences,
  makeSort,
  mendText,
  neighbours,
  oralSet,
  planChain,
  readReading,
  richFamilies,
  seededRandom,
  sequenceById,
  shippedLexicon,
  spellingChoices,
  taughtAt,
  whatToTeach,
} from "../src/core/index.ts";
import { parseLexicon } from "../src/core/lexicon/asset.ts";
import { align, cmuPhones } from "../src/core/spelling/align.ts";
import asset from "../src/data/lexicon/lexicon.json";
import { oneSyllableListings } from "./lexicon/readings.ts";
import { readPronunciations } from "./lexicon/sources.ts";

const lexicon = shippedLexicon();
const graph = graphOf(lexicon);
const sequence = sequenceById("short-vowels-first");
if (!sequence) throw new Error("the shipped sequence is missing");
const everything = taughtAt(sequence, 99);
const step13 = taughtAt(sequence, 13);
const listings = readPronunciations();
const thousand = lexicon.words.slice(0, 1000).map(({ word }) => ({
  word,
  phones: oneSyllableListings(word, listings.get(word) ?? []).map(cmuPhones),
}));
const chance = seededRandom(1);
const spread = lexicon.words.slice(0, 3000);
/** Common words more often than rare ones, as in any text. */
const LONG_TEXT = Array.from({ length: 10_000 }, () => spread[Math.floor(chance() ** 2 * spread.length)]?.word).join(
  " ",
);
const longReport = checkText(LONG_TEXT, step13);
let seed = 0;
const request = (taught: ChainRequest["taught"], length: number, more: Partial<ChainRequest> = {}): ChainRequest => ({
  taught,
  length,
  focus: [],
  contrasts: [],
  seed: seed++,
  ...more,
});

/** The same graph in npm graphology, for its bidirectional search. */
const theirs = new Graph({ type: "directed" });
graph.words.forEach((_, node) => {
  theirs.addNode(node);
});
graph.words.forEach((_, node) => {
  for (const { to } of edgesFrom(graph, node)) theirs.addEdge(node, to);
});
/** Pairs that hang together, from the first 6,000 words. */
const random = seededRandom(1);
const pairs: [number, number][] = [];
while (pairs.length < 200) {
  const pair = [0, 1].map(() => Math.floor(random() * 6000)) as [number, number];
  if (ladder(graph.words[pair[0]]?.word ?? "", graph.words[pair[1]]?.word ?? "")) pairs.push(pair);
}
let turn = 0;
const nextPair = () => pairs[turn++ % pairs.length] as [number, number];

const everyRime = allFamilies("rime", lexicon);
const threeRimes = richFamilies("rime", { taught: everything }, lexicon)
  .slice(0, 3)
  .map(({ family }) => family);
const warmUp = (["rhyme-or-not", "first-sound", "blend-sounds", "take-from-cluster"] as const).map((skill) => ({
  skill,
  count: 5,
}));
const aims = { focus: ["a-e=eɪ"], contrasts: [{ a: "ai=eɪ", b: "ee=iː" }], count: 4 };
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
  .add("the same with two aims and 4 chains", () => void planChain(request(everything, 8, aims), lexicon))
  .add("plan 20 words, everything taught", () => void planChain(request(everything, 20), lexicon))
  .add("judge a text of 10,000 words", () => void checkText(LONG_TEXT, step13))
  .add("mend it", () => void mendText(longReport, { taught: step13, sequence }))
  .add("what to teach so that 95 in 100 of it fit", () => void whatToTeach(longReport, 0.95))
  .add("50 sentences", () => void makeSentences({ taught: step13, count: 50, seed: seed++ }))
  .add("judge 1,000 answers, each a word read as another", () => {
    for (const { word } of thousand) {
      classifyResponse(word, `${word.slice(0, -1)}g`, { mode: "read" }, lexicon);
    }
  })
  .add("judge 1,000 answers, each a word as it was written", () => {
    for (const { word } of thousand) classifyResponse(word, `${word.slice(0, -1)}g`, { mode: "written" }, lexicon);
  })
  .add("judge a dictated sentence", () => {
    classifySentence("The fish is big and red.", "the fis is biged red", { accent: GENERAL_AMERICAN }, lexicon);
  })
  .add("every next word, everything taught", () => {
    neighbours("pet", { taught: everything, focus: [], contrasts: [] }, lexicon);
  })
  .add("grid: every onset × every rime of the list", () => {
    familyGrid({ kind: "rime", families: everyRime, taught: everything }, lexicon);
  })
  .add("grid of three rimes with nonsense words", () => {
    familyGrid({ kind: "rime", families: threeRimes, taught: everything, nonsense: true }, lexicon);
  })
  .add("the richest rimes, step 13", () => void richFamilies("rime", { taught: step13 }, lexicon))
  .add("a sort in two bins with foils", () => {
    const bins = threeRimes.slice(0, 2).map((family) => ({ by: "family" as const, family }));
    makeSort({ taught: everything, bins, perBin: 4, foils: 3, seed: seed++ }, lexicon);
  })
  .add("spellings of /k/", () => void spellingChoices(["k"], { taught: everything }, lexicon))
  .add("five ears-only items", () => {
    oralSet({ skill: "change-beginning", count: 5, accent: GENERAL_AMERICAN, words: [], seed: seed++ }, lexicon);
  })
  .add("a routine of four skills", () => {
    fillRoutine({ parts: warmUp, accent: GENERAL_AMERICAN, words: ["ship", "stop"], seed: seed++ }, lexicon);
  })
  .add("ladder between two words", () => {
    const [from, to] = nextPair();
    ladder(graph.words[from]?.word ?? "", graph.words[to]?.word ?? "");
  })
  .add("the same, graphology bidirectional", () => {
    const [from, to] = nextPair();
    bidirectional(theirs, from, to);
  });
await bench.run();

const medianOf = (name: string) => {
  const result = bench.tasks.find((task) => task.name === name)?.result;
  return result && "latency" in result ? result.latency.p50 : Number.NaN;
};
const bytes = gzipSync(readFileSync("src/data/lexicon/lexicon.json")).length;
console.log(`${cpus()[0]?.model} × ${cpus().length}, Node.js ${process.versions.node}`);
console.log(
  `${lexicon.words.length} words, ${graph.targets.length / 2} steps between them, word list ${Math.round(bytes / 1024)} kB gzip\n`,
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
const aSecond = (name: string) => Math.round(1_000_000 / medianOf(name)).toLocaleString("en-GB");
console.log(`words segmented a second, from scratch: ${aSecond("segment 1,000 words from scratch")}`);
console.log(`words segmented a second, from the prepared list: ${aSecond("look up 1,000 prepared words")}`);
const ratio = medianOf("the same, graphology bidirectional") / medianOf("ladder between two words");
console.log(`ladders: ${ratio.toFixed(1)} times as quick as graphology's bidirectional search, the same pairs\n`);

/** A list of real words filled up with made-up ones: real beginnings before real rimes. */
function grown(size: number): Lexicon {
  const real = lexicon.words.filter(({ syllables }) => syllables === 1);
  const words: LexiconWord[] = real.slice(0, size);
  const known = new Set(lexicon.words.map(({ word }) => word));
  const parts = real.map(({ readings: [lead] }) => {
    const vowel = lead.units.findIndex(({ slot }) => slot === "nucleus");
    return { onset: lead.units.slice(0, vowel), rime: lead.units.slice(vowel) };
  });
  const draw = seededRandom(size);
  for (let tries = 0; words.length < size && tries < size * 60; tries++) {
    const onset = parts[Math.floor(draw() * parts.length)]?.onset ?? [];
    const rime = parts[Math.floor(draw() * parts.length)]?.rime ?? [];
    const units = [...onset, ...rime];
    const letters = units.map(({ grapheme }) => grapheme.split("-")[0]).join("");
    const word = letters + (units.some(({ grapheme }) => grapheme.includes("-")) ? "e" : "");
    if (known.has(word)) continue;
    const line = `${units.map(({ grapheme }) => grapheme).join(".")} ${units.map(({ phonemes }) => phonemes.join("+")).join(".")}`;
    try {
      const reading = readReading(word, line);
      known.add(word);
      words.push({ ...(real[0] as LexiconWord), word, zipf: 1, band: 5, readings: [reading], syllables: 1 });
    } catch {
      // Parts whose letters do not join to a word are passed over.
    }
  }
  const byWord = new Map(words.map((entry) => [entry.word, entry]));
  return { ...lexicon, words, get: (word) => byWord.get(word) };
}

const time = (work: () => unknown, runs = 5): string => {
  const times = Array.from({ length: runs }, () => {
    const from = performance.now();
    work();
    return performance.now() - from;
  }).sort((a, b) => a - b);
  return (times[Math.floor(runs / 2)] as number).toFixed(1);
};
console.log("as the list doubles and doubles again (one-syllable words, then made-up ones), median ms of 5:");
console.table(
  [5000, 10_000, 20_000, 40_000].map((size) => {
    const list = grown(size);
    const big = graphOf(list);
    planChain(request(everything, 8), list);
    return {
      words: list.words.length,
      steps: big.targets.length / 2,
      graph: time(() => buildGraph(list.words), 3),
      "plan 8": time(() => planChain(request(everything, 8), list)),
      "plan 20": time(() => planChain(request(everything, 20), list)),
      "next words": time(() => neighbours("pet", { taught: everything, focus: [], contrasts: [] }, list)),
      ladder: time(() => {
        for (let k = 0; k < 20; k++) {
          const [from, to] = pairs[k] as [number, number];
          ladder(big.words[from % 5000]?.word ?? "", big.words[to % 5000]?.word ?? "", undefined, list);
        }
      }).replace(/$/, " for 20"),
    };
  }),
);
console.log(
  `100 nonsense words at step 13: ${time(() => makeNonsense({ taught: step13, count: 100, seed: seed++ }))} ms`,
);
