import {
  type AccentSettings,
  bridge,
  type ChainAim,
  type ChainLevels,
  type ChainPlan,
  type ChainReport,
  type ChainRequest,
  type ChainTarget,
  describeChain,
  FAMILIAR,
  FAMILIAR_IN_GAPS,
  type FirstChain,
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
  planFirst,
  planLevels,
  shippedLexicon,
  tokenisedWords,
  type WordVerdict,
  withKept,
  wordsForGap,
} from "../core/index.ts";
import { exposeApi } from "./expose-api.ts";

/** All answers are promises, as they are on the other side. */
const api = {
  /** Says the word list in the school's accent and makes ready what will be asked of it: the first question is then quick. */
  async warm(accent: AccentSettings, what: "gaps" | "plans"): Promise<void> {
    const lexicon = lexiconIn(shippedLexicon(), accent);
    if (what === "gaps") tokenisedWords(lexicon, "graphemes", FAMILIAR_IN_GAPS);
    else graphOf(lexicon, "graphemes", FAMILIAR);
  },
  async plan(request: ChainRequest, onProgress?: (done: number, all: number) => void): Promise<ChainPlan[] | NoChain> {
    return planChain(withKept(request), undefined, onProgress ? { onProgress } : {});
  },
  async planFirst(
    request: Omit<ChainRequest, keyof ChainTarget>,
    targets: readonly ChainTarget[],
  ): Promise<FirstChain | undefined> {
    return planFirst(withKept(request), targets);
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

exposeApi(api);
