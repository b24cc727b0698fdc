import { useCallback } from "react";
import type { ChainAim, ChainReport, JudgeRequest, Neighbour, WordVerdict } from "../../core/light.ts";
import { useAnswer } from "../shared/use-answer.ts";
import type { ChainWorkerClient } from "./chain-worker-client.ts";

/** What the chain is, what may be shown of it, and what would fit the gap: all from the worker, as it changes. */
export function useChainAnswers(
  desk: ChainWorkerClient,
  words: readonly string[],
  aim: ChainAim,
  rules: JudgeRequest,
  gap: JudgeRequest,
  /** What the chain is that came with the page. */
  known: ChainReport | undefined,
): {
  readonly report: ChainReport | undefined;
  readonly verdicts: readonly WordVerdict[] | undefined;
  readonly suggestions: readonly Neighbour[] | undefined;
} {
  const describe = useCallback(() => desk.ask((api) => api.describe(words, aim)), [desk, words, aim]);
  const judge = useCallback(() => desk.ask((api) => api.judgeAll(words, rules)), [desk, words, rules]);
  const suggest = useCallback(() => desk.ask((api) => api.suggest(gap)), [desk, gap]);
  return { report: useAnswer(describe, known), verdicts: useAnswer(judge), suggestions: useAnswer(suggest) };
}
