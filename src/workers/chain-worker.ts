import { expose } from "comlink";
import {
  type ChainPlan,
  type ChainReport,
  type Contrast,
  describeChain,
  graphOf,
  judgeWord,
  type Neighbour,
  type NoChain,
  planChain,
  sequenceById,
  shippedLexicon,
  type TaughtSet,
  taughtAt,
  type WordVerdict,
  wordsForGap,
} from "../core/index.ts";

/** Where a group stands: small enough to send with every question. */
export interface Standing {
  readonly sequenceId: string;
  readonly step: number;
}

export interface PlanQuestion {
  readonly standing: Standing;
  readonly length: number;
  readonly focus: readonly string[];
  readonly contrasts: readonly Contrast[];
  readonly start?: string;
  readonly recent: readonly string[];
  readonly seed: number;
  readonly count: number;
}

export interface GapQuestion {
  readonly standing: Standing;
  readonly focus: readonly string[];
  readonly contrasts: readonly Contrast[];
  readonly recent: readonly string[];
  readonly before?: string;
  readonly after?: string;
  readonly taken: readonly string[];
}

let taughtNow: { key: string; taught: TaughtSet } | undefined;

/** One taught set at a time is kept: the word judgements are remembered by its identity. */
function taughtOf({ sequenceId, step }: Standing): TaughtSet {
  const key = `${sequenceId} ${step}`;
  if (taughtNow?.key !== key) {
    const sequence = sequenceById(sequenceId);
    if (!sequence) throw new Error(`No sequence "${sequenceId}"`);
    taughtNow = { key, taught: taughtAt(sequence, step) };
  }
  return taughtNow.taught;
}

/** All answers are promises, as they are on the other side. */
const api = {
  /** Opens the word list and builds the graph, so that the first question is as quick as the others. */
  async warm(): Promise<number> {
    return graphOf(shippedLexicon()).words.length;
  },
  async plan({ standing, ...request }: PlanQuestion): Promise<ChainPlan[] | NoChain> {
    return planChain({ ...request, taught: taughtOf(standing) });
  },
  async describe(
    words: readonly string[],
    focus: readonly string[],
    contrasts: readonly Contrast[],
  ): Promise<ChainReport> {
    return describeChain(words, { focus, contrasts });
  },
  async suggest({ standing, ...gap }: GapQuestion): Promise<Neighbour[]> {
    return wordsForGap({ ...gap, taught: taughtOf(standing) });
  },
  async judge(typed: string, { standing, ...gap }: GapQuestion): Promise<WordVerdict> {
    return judgeWord(typed, { ...gap, taught: taughtOf(standing) });
  },
};

export type ChainWorker = typeof api;

expose(api);
