import { useCallback, useEffect, useState } from "react";
import { toast } from "sonner";
import type { ChainAim, ChainReport, JudgeRequest, Neighbour, WordVerdict } from "../../core/light.ts";
import { Cancelled, type ChainWorkerClient } from "./chain-worker-client.ts";

export function ignoreCancelled(error: unknown): void {
  if (!(error instanceof Cancelled)) toast.error("Looking failed. Try again; if it fails again, reload the page.");
}

/** Asks again whenever the question is another one; an answer to an older question is dropped. */
function useAnswer<T>(question: () => Promise<T>): T | undefined {
  const [answer, setAnswer] = useState<T>();
  useEffect(() => {
    let current = true;
    question().then((found) => current && setAnswer(() => found), ignoreCancelled);
    return () => {
      current = false;
    };
  }, [question]);
  return answer;
}

/** What the chain is, what may be shown of it, and what would fit the gap: all from the worker, as it changes. */
export function useChainAnswers(
  desk: ChainWorkerClient,
  words: readonly string[],
  aim: ChainAim,
  rules: JudgeRequest,
  gap: JudgeRequest,
): {
  readonly report: ChainReport | undefined;
  readonly verdicts: readonly WordVerdict[] | undefined;
  readonly suggestions: readonly Neighbour[] | undefined;
} {
  const describe = useCallback(() => desk.ask((api) => api.describe(words, aim)), [desk, words, aim]);
  const judge = useCallback(() => desk.ask((api) => api.judgeAll(words, rules)), [desk, words, rules]);
  const suggest = useCallback(() => desk.ask((api) => api.suggest(gap)), [desk, gap]);
  return { report: useAnswer(describe), verdicts: useAnswer(judge), suggestions: useAnswer(suggest) };
}
