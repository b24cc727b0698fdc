import { expose } from "comlink";
import {
  type AccentSettings,
  type ChainPlan,
  type ChainReport,
  type ChainRequest,
  type Contrast,
  describeChain,
  type GapRequest,
  graphOf,
  judgeWord,
  lexiconIn,
  type Neighbour,
  type NoChain,
  planChain,
  shippedLexicon,
  type WordVerdict,
  wordsForGap,
} from "../core/index.ts";

/** What may be put before the group: sent with every question, small enough for it. */
export type WordRules = Pick<ChainRequest, "taught" | "never" | "allowNotEverySchool">;

export interface PlanQuestion extends Omit<ChainRequest, keyof WordRules> {
  readonly rules: WordRules;
}

export interface GapQuestion extends Omit<GapRequest, keyof WordRules> {
  readonly rules: WordRules;
}

/** All answers are promises, as they are on the other side. */
const api = {
  /** Opens the word list and builds the graph, so that the first question is as quick as the others. */
  async warm(accent: AccentSettings): Promise<number> {
    return graphOf(lexiconIn(shippedLexicon(), accent)).words.length;
  },
  async plan({ rules, ...request }: PlanQuestion): Promise<ChainPlan[] | NoChain> {
    return planChain({ ...request, ...rules });
  },
  async describe(
    words: readonly string[],
    focus: readonly string[],
    contrasts: readonly Contrast[],
    accent: AccentSettings,
  ): Promise<ChainReport> {
    return describeChain(words, { focus, contrasts, accent });
  },
  async suggest({ rules, ...gap }: GapQuestion): Promise<Neighbour[]> {
    return wordsForGap({ ...gap, ...rules });
  },
  async judge(typed: string, { rules, ...gap }: GapQuestion): Promise<WordVerdict> {
    return judgeWord(typed, { ...gap, ...rules });
  },
};

export type ChainWorker = typeof api;

expose(api);
