/**
 * The public face of the core. Everything outside `src/core` imports from here (or from `core/light`,
 * which leads to no word list, in code that is part of a page's first load).
 */
export * from "./light.ts";
export { shippedLexicon } from "./lexicon/shipped.ts";
export { segment, segmentations, type SegmentOptions } from "./lexicon/segment.ts";
export { inflectionOf, type Inflection } from "./lexicon/inflection.ts";
export { parseLexicon, readReading, writeReading, type LexiconAsset } from "./lexicon/asset.ts";
export { distinctReadings } from "./lexicon/readings.ts";
export { checkDecodable, decodableWords, hasTwoReadings } from "./scope/decodable.ts";
export { checkStep, type StepOptions } from "./chains/step-check.ts";
export { buildGraph, type WordGraph, type Edge } from "./chains/graph.ts";
export { graphOf, planChain } from "./chains/planner.ts";
export { neighbours, wordsForGap, type GapRequest } from "./chains/neighbours.ts";
export { judgeWord } from "./chains/judge-word.ts";
export { describeChain } from "./chains/describe.ts";
export { refusalOf } from "./chains/allowed-words.ts";
