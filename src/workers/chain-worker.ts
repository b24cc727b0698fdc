import { expose } from "comlink";
import {
  type AccentSettings,
  bridge,
  type ChainAim,
  type ChainLevels,
  type ChainPlan,
  type ChainReport,
  type ChainRequest,
  describeChain,
  graphOf,
  type JudgeRequest,
  judgeChain,
  judgeWord,
  type LadderRequest,
  ladder,
  lexiconIn,
  type Neighbour,
  type NoChain,
  planChain,
  planLevels,
  shippedLexicon,
  type TaughtSet,
  type WordVerdict,
  wordsForGap,
} from "../core/index.ts";

let lastTaught: { key: string; taught: TaughtSet } | undefined;

/**
 * Questions come with a copy of the taught set. Of the same content one object is kept, because what was
 * worked out for it is remembered by its identity.
 */
function kept(taught: TaughtSet): TaughtSet {
  const key = JSON.stringify([
    [...taught.gpcs].map(([gpc, places]) => [gpc, places === "any" ? places : [...places]]),
    [...taught.patterns],
    [...taught.words],
    taught.accent,
  ]);
  if (lastTaught?.key !== key) lastTaught = { key, taught };
  return lastTaught.taught;
}

const withKept = <Q extends { readonly taught: TaughtSet }>(question: Q): Q => ({
  ...question,
  taught: kept(question.taught),
});

/** All answers are promises, as they are on the other side. */
const api = {
  /** Opens the word list and builds the graph, so that the first question is as quick as the others. */
  async warm(accent: AccentSettings): Promise<number> {
    return graphOf(lexiconIn(shippedLexicon(), accent)).words.length;
  },
  async plan(request: ChainRequest, onProgress?: (done: number, all: number) => void): Promise<ChainPlan[] | NoChain> {
    return planChain(withKept(request), undefined, onProgress ? { onProgress } : {});
  },
  async levels(request: ChainRequest): Promise<ChainLevels | NoChain> {
    return planLevels(withKept(request));
  },
  async describe(words: readonly string[], aim: ChainAim): Promise<ChainReport> {
    return describeChain(words, aim);
  },
  async suggest(gap: JudgeRequest): Promise<Neighbour[]> {
    return wordsForGap(withKept(gap));
  },
  async judge(typed: string, gap: JudgeRequest): Promise<WordVerdict> {
    return judgeWord(typed, withKept(gap));
  },
  async judgeAll(words: readonly string[], rules: JudgeRequest): Promise<WordVerdict[]> {
    return judgeChain(words, withKept(rules));
  },
  async ladder(from: string, to: string, request: LadderRequest): Promise<string[] | undefined> {
    return ladder(from, to, withKept(request));
  },
  async bridge(from: string, to: string, request: LadderRequest): Promise<string[] | undefined> {
    return bridge(from, to, withKept(request));
  },
};

export type ChainWorker = typeof api;

expose(api);
