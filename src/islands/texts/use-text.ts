import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { type GroupScope, type TextTarget, taughtOf } from "../../core/light.ts";
import type { TextView } from "../../workers/text-worker.ts";
import { ignoreCancelled } from "../shared/use-answer.ts";
import { type TextWorkerClient, textWorker } from "./text-worker-client.ts";

/** What decides about a word of a text, as the worker takes it. */
export function useTextRules({ sequence, step, ticks, school }: GroupScope) {
  return useMemo(
    () => ({
      taught: taughtOf({ sequence, step, ticks, school }),
      sequence,
      never: school.never,
      allowLists: school.allowLists,
    }),
    [sequence, step, ticks, school],
  );
}

export type WordRules = ReturnType<typeof useTextRules>;

/** The worker of the screen, warm. */
export function useTextWorker(rules: WordRules): TextWorkerClient {
  const [worker] = useState(textWorker);
  const { accent } = rules.taught;
  useEffect(() => {
    worker.ask((api) => api.warm(accent)).catch(() => undefined);
    return () => worker.stop();
  }, [worker, accent]);
  return worker;
}

/**
 * What there is to say of the text. While one question is out the next waits, and only the last one is asked: a key is never
 * held up by what was typed before it.
 *
 * @returns the view of the text as it was last asked about; undefined before the first answer
 */
export function useTextView(
  worker: TextWorkerClient,
  text: string,
  rules: WordRules,
  targets: readonly TextTarget[],
): TextView | undefined {
  const [view, setView] = useState<TextView>();
  const waiting = useRef<{ text: string; rules: WordRules; targets: readonly TextTarget[] }>(undefined);
  const busy = useRef(false);
  const askNext = useCallback(() => {
    const next = waiting.current;
    if (busy.current || !next) return;
    waiting.current = undefined;
    busy.current = true;
    worker
      .ask((api) => api.check({ text: next.text, targets: next.targets, ...next.rules }))
      .then((found) => setView(found), ignoreCancelled)
      .finally(() => {
        busy.current = false;
        askNext();
      });
  }, [worker]);
  useEffect(() => {
    waiting.current = { text, rules, targets };
    askNext();
  }, [text, rules, targets, askNext]);
  return view;
}
